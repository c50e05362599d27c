package elsko.server.audit;

/** What a line of the audit is about. */
public enum About {
  PEOPLE,
  SETTINGS,
  LINKS,
  /** Read from the log: who lifted a red tag, or took a boat as it is. */
  RISK
}
