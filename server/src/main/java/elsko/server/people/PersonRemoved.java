package elsko.server.people;

import java.util.UUID;

/** Somebody is gone: nothing is planned for them any more. Told in the same transaction. */
public record PersonRemoved(UUID person) {}
