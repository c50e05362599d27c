package elsko.server.work;

import elsko.core.boat.Accessory;
import elsko.core.boat.FittingState;
import elsko.core.boat.Position;
import elsko.core.ledger.Procedure;
import elsko.core.ledger.Seen;
import elsko.core.ledger.StartBasis;
import elsko.core.ledger.Trouble;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One entry as it is sent. Always: id, kind, deviceTime. Beyond that each kind needs its own few
 * fields; the rest stay away.
 *
 * @param id made by the sender, so that sending again stores nothing new
 * @param deviceTime when it happened, by the sender's clock
 * @param card the card it belongs to; for CARD_OPENED the id the new card gets
 * @param corrects the entry it replaces
 * @param downloadedAt when the device had last seen the boat, by its clock; an entry that is said
 *     to have happened before that proves nothing. May be left out
 */
public record EntryBody(
    UUID id,
    EntryKind kind,
    Instant deviceTime,
    UUID card,
    String step,
    UUID corrects,
    String circuit,
    Boolean inService,
    String fitting,
    FittingState state,
    Boolean forSample,
    String reason,
    String lowPoint,
    Seen seen,
    StartBasis basis,
    Double seconds,
    String lot,
    Double liters,
    String pourPoint,
    UUID instrument,
    Double reading,
    Double temperatureC,
    String limit,
    Double value,
    Double against,
    String condition,
    String finding,
    Integer count,
    String text,
    Procedure procedure,
    Map<String, String> choices,
    Position engine,
    Accessory accessory,
    Boolean aboard,
    List<String> segments,
    String item,
    UUID berth,
    String to,
    Double minute,
    Double rpm,
    Double exhaustLitersPerMinute,
    UUID photo,
    String guide,
    String look,
    String answer,
    UUID work,
    Double tankLiters,
    Double chlorinePercent,
    Double milliliters,
    Double hours,
    Trouble trouble,
    @Nullable Instant downloadedAt,
    @Nullable LocalDate until,
    @Nullable Double untilC) {}
