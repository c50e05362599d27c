package elsko.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.archive.BackupFolder.Backup;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupFolderTest {
  @TempDir Path folder;

  private static Backup made(LocalDate day) {
    return new Backup("elsko-%s-030000.zip".formatted(day), false, day, Instant.EPOCH, 1);
  }

  private static Backup asked(LocalDate day, int second) {
    return new Backup(
        "elsko-%s-1200%02d-asked.zip".formatted(day, second), true, day, Instant.EPOCH, 1);
  }

  @Test
  void whatSomebodyAskedForPushesNoNightlyOneOut() {
    LocalDate today = LocalDate.of(2031, 11, 20);
    List<Backup> all = new ArrayList<>();
    for (int second = 59; second >= 0; second--) {
      all.add(asked(today, second));
    }
    List<Backup> nightly = new ArrayList<>();
    for (int ago = 0; ago < 14; ago++) {
      nightly.add(made(today.minusDays(ago)));
    }
    all.addAll(nightly);
    List<Backup> gone = BackupFolder.tooOld(all, 14, today);
    assertThat(gone).doesNotContainAnyElementsOf(nightly).hasSize(55);
    assertThat(gone).doesNotContain(all.get(0), all.get(4));
  }

  @Test
  void theNewestAndTheFirstOfEachMonthAreKeptForAYear() {
    LocalDate today = LocalDate.of(2031, 11, 20);
    List<Backup> daily = new ArrayList<>();
    for (int ago = 0; ago < 500; ago++) {
      daily.add(made(today.minusDays(ago)));
    }
    List<Backup> gone = BackupFolder.tooOld(daily, 14, today);
    List<LocalDate> kept =
        daily.stream().filter(one -> !gone.contains(one)).map(Backup::day).toList();
    assertThat(kept).hasSize(14 + 12);
    assertThat(kept.subList(0, 14)).doesNotContain(today.minusDays(14));
    assertThat(kept.subList(14, 26))
        .allMatch(day -> day.getDayOfMonth() == 1)
        .endsWith(LocalDate.of(2030, 12, 1));
  }

  @Test
  void whatWasNotMadeHereIsNeitherListedNorDeleted() throws Exception {
    BackupFolder backups = new BackupFolder(folder.resolve("backups"));
    assertThat(backups.all()).isEmpty();
    Files.writeString(backups.next(LocalDateTime.of(2031, 11, 2, 3, 0), false), "x");
    Files.writeString(backups.next(LocalDateTime.of(2031, 11, 3, 3, 0), false), "xy");
    Files.writeString(folder.resolve("backups/notes.txt"), "mine");
    assertThat(backups.all()).extracting(Backup::bytes).containsExactly(2L, 1L);
    backups.rotate(1, LocalDate.of(2033, 1, 1));
    assertThat(backups.all())
        .extracting(Backup::name)
        .containsExactly("elsko-2031-11-03-030000.zip");
    assertThat(folder.resolve("backups/notes.txt")).exists();
  }
}
