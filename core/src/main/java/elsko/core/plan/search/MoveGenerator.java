package elsko.core.plan.search;

/** One way of changing the lists: draws what to change, and changes it. */
interface MoveGenerator {
  /** Returns false when it comes to nothing; whatever was changed is taken back by who asked. */
  boolean draw(MoveEvaluation tried);
}
