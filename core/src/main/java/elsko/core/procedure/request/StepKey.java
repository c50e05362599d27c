package elsko.core.procedure.request;

/** Names of steps that steps of other rooms wait for or ask about. */
public final class StepKey {
  public static final String DRAIN = "drain";
  public static final String HOSES = "hoses-low";
  public static final String STRAINER = "strainer";
  public static final String OIL = "oil";

  private StepKey() {}
}
