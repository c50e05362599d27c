package elsko.server.work.search;

import java.util.UUID;

/** One line of the log of the whole yard, with the boat it is about. */
public record BookLine(UUID boat, String name, EntryView entry) {}
