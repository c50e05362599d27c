package elsko.core.ledger.fact;

import elsko.core.fluid.Instrument;

/** An instrument by the yard's name for it, as it stood when it was read. */
public record InstrumentUse(String name, Instrument instrument) {}
