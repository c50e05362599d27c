/** Pictures taken at a step: checked by what is in them, kept without what else came with them. */
package elsko.server.photos;
