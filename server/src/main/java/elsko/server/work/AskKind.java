package elsko.server.work;

/** What an ask wants. */
public enum AskKind {
  SET,
  OPEN,
  ENGINE,
  KICK,
  READ,
  SEE,
  PIECES,
  FILL,
  COUNT,
  JUG,
  SAMPLE,
  CATCH,
  DISINFECT,
  PICK,
  DESCALE,
  COOLANT,
  FROST,
  SERVICE,
  ABOARD,
  LOOK,
  NOTE,
  AFLOAT
}
