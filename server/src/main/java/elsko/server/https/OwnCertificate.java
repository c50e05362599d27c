package elsko.server.https;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.cert.CertificateParsingException;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** The certificate this machine shows, made by its own authority, in the data folder. */
final class OwnCertificate {
  /** Renewed while what there is still holds, so that a summer without a start does no harm. */
  private static final Duration BEFORE_IT_ENDS = Duration.ofDays(120);

  private final Path folder;
  private final Authority authority;

  private OwnCertificate(Path folder, Authority authority) {
    this.folder = folder;
    this.authority = authority;
  }

  /** What there is in a data folder, and what is missing of it. */
  static OwnCertificate in(Path data, Instant now) throws IOException, GeneralSecurityException {
    Path folder = data.resolve("https");
    if (!Files.isDirectory(folder)) {
      Files.createDirectories(data);
      Files.createDirectory(folder, Pem.ownFolder());
    }
    return new OwnCertificate(folder, Authority.in(folder, now));
  }

  /**
   * Makes it anew where it ends soon, or where the machine has names it does not know.
   *
   * @return whether it was
   */
  boolean renew(MachineNames called, Instant now) throws IOException, GeneralSecurityException {
    MachineNames machine = authority.within(called);
    if (Files.exists(file()) && Files.exists(key())) {
      X509Certificate known = Pem.certificate(file());
      boolean holds = known.getNotAfter().toInstant().isAfter(now.plus(BEFORE_IT_ENDS));
      if (holds && names(known).containsAll(all(machine))) {
        return false;
      }
    }
    authority.certify(file(), key(), machine, now);
    return true;
  }

  private static Set<String> all(MachineNames machine) {
    Set<String> all = new TreeSet<>(machine.names());
    all.addAll(machine.addresses());
    return all;
  }

  private static Set<String> names(X509Certificate certificate) throws CertificateParsingException {
    Set<String> names = new TreeSet<>();
    Collection<List<?>> said = certificate.getSubjectAlternativeNames();
    if (said != null) {
      said.forEach(one -> names.add(String.valueOf(one.get(1))));
    }
    return names;
  }

  Path file() {
    return folder.resolve("certificate.pem");
  }

  Path key() {
    return folder.resolve("certificate-key.pem");
  }

  Authority authority() {
    return authority;
  }
}
