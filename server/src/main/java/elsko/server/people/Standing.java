package elsko.server.people;

/** What a person is to the yard's server. */
public enum Standing {
  /** Has no account: walks are planned for them. */
  WALKS,
  /** May set a password with a code. */
  INVITED,
  /** Signs in with a password. */
  ACTIVE,
  /** Kept out until a coordinator says otherwise. */
  LOCKED,
  /** Gone; what they entered keeps their name. */
  REMOVED
}
