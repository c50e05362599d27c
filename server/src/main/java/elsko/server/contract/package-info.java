/** The OpenAPI document that others, and our own screens, are written against. */
package elsko.server.contract;
