/**
 * The demonstration: a made-up yard, its boats at different stages, written through the same log.
 */
package elsko.server.demo;
