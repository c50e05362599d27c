package elsko.bench.faults;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs them; what was done already with this build is not done again. */
public final class Faults {
  private Faults() {}

  /** One kind of fault. */
  interface Fault {
    /**
     * @return whether all that was asked for held
     */
    boolean run(Path root, Path folder, Tally tally) throws IOException, InterruptedException;
  }

  public static boolean run(Path root, List<String> options)
      throws IOException, InterruptedException {
    int at = options.indexOf("--faults");
    String word = at + 1 < options.size() ? options.get(at + 1) : "";
    String build = Files.readString(root.resolve(".elsko/app/built-from")).strip();
    Path folder = root.resolve(".elsko/faults").resolve(build.substring(0, 12));
    Files.createDirectories(folder);
    Map<String, Fault> faults = new LinkedHashMap<>();
    faults.put("crowds", new Crowds());
    faults.put("disk", new FullDisk());
    faults.put("lines", new Lines());
    faults.put("requests", new BadRequests());
    faults.put("kills", new Kills());
    boolean held = true;
    boolean any = false;
    for (Map.Entry<String, Fault> fault : faults.entrySet()) {
      if (fault.getKey().contains(word)) {
        any = true;
        System.out.println(fault.getKey());
        Tally tally = new Tally(folder.resolve(fault.getKey() + ".properties"));
        held &= fault.getValue().run(root, folder, tally);
      }
    }
    if (!any) {
      System.err.println("elsko: no fault is called so. There are: " + faults.keySet());
    }
    return held && any;
  }
}
