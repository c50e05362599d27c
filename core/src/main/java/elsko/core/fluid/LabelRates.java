package elsko.core.fluid;

/** What the temperature on a product's label means. */
public enum LabelRates {
  BURST,
  FREEZE
}
