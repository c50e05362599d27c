package elsko.server.work.view;

import elsko.core.guide.Complaint;
import java.util.Arrays;
import java.util.List;

/**
 * Something an owner can complain of.
 *
 * @param perEngine it is about one engine; else about the boat
 */
public record ComplaintChoice(Complaint complaint, String words, boolean perEngine) {
  public static List<ComplaintChoice> all() {
    return Arrays.stream(Complaint.values())
        .map(one -> new ComplaintChoice(one, one.words(), one.isPerEngine()))
        .toList();
  }
}
