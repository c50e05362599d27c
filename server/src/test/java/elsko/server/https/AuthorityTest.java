package elsko.server.https;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.NameConstraintValidatorException;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.asn1.x509.PKIXNameConstraintValidator;
import org.bouncycastle.cert.jcajce.JcaX509CertificateHolder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AuthorityTest {
  private static final Instant NOW = Instant.parse("2026-11-03T08:00:00Z");
  private static final MachineNames SHED =
      new MachineNames(List.of("localhost", "shed.local"), List.of("127.0.0.1", "10.0.0.7"));

  @TempDir Path data;

  private X509Certificate certificate(OwnCertificate own) throws Exception {
    return Pem.certificate(own.file());
  }

  /** As a phone that trusts the authority looks at it: signature, time, and its limits. */
  private void validate(OwnCertificate own, Instant at) throws Exception {
    X509Certificate shown = certificate(own);
    shown.verify(own.authority().certificate().getPublicKey());
    shown.checkValidity(Date.from(at));
    var authority = new JcaX509CertificateHolder(own.authority().certificate());
    PKIXNameConstraintValidator limits = new PKIXNameConstraintValidator();
    limits.intersectPermittedSubtree(
        NameConstraints.getInstance(
                authority.getExtension(Extension.nameConstraints).getParsedValue())
            .getPermittedSubtrees());
    assertThat(authority.getExtension(Extension.nameConstraints).isCritical()).isTrue();
    for (GeneralName name :
        GeneralNames.fromExtensions(
                new JcaX509CertificateHolder(shown).getExtensions(),
                Extension.subjectAlternativeName)
            .getNames()) {
      limits.checkPermitted(name);
    }
  }

  @Test
  void itVouchesForEveryNameOfTheMachine() throws Exception {
    OwnCertificate own = OwnCertificate.in(data, NOW);
    assertThat(own.renew(SHED, NOW)).isTrue();
    assertThat(own.renew(SHED, NOW)).as("once").isFalse();
    validate(own, NOW);
    assertThat(certificate(own).getSubjectAlternativeNames().toString())
        .contains("shed.local", "10.0.0.7");
    assertThat(Duration.between(NOW, certificate(own).getNotAfter().toInstant()).toDays())
        .isEqualTo(397);
    assertThat(own.authority().fingerprint()).matches("([0-9A-F]{2} ){31}[0-9A-F]{2}");
  }

  @Test
  void anotherNameOrALateDayMakesAnotherCertificateNotAnotherAuthority() throws Exception {
    OwnCertificate own = OwnCertificate.in(data, NOW);
    own.renew(SHED, NOW);
    String trusted = own.authority().fingerprint();
    MachineNames moved = new MachineNames(SHED.names(), List.of("127.0.0.1", "192.168.7.7"));
    assertThat(own.renew(moved, NOW)).isTrue();
    validate(own, NOW);
    Instant later = NOW.plus(Duration.ofDays(300));
    OwnCertificate again = OwnCertificate.in(data, later);
    assertThat(again.renew(moved, later)).isTrue();
    validate(again, later.plus(Duration.ofDays(390)));
    assertThat(again.authority().fingerprint()).isEqualTo(trusted);
  }

  @Test
  void itVouchesForNothingOnTheInternet() throws Exception {
    OwnCertificate own = OwnCertificate.in(data, NOW);
    MachineNames strange =
        new MachineNames(
            List.of("bank.example", "localhost"), List.of("10.0.0.7", "203.0.113.200"));
    own.renew(strange, NOW);
    assertThat(certificate(own).getSubjectAlternativeNames().toString())
        .contains("localhost", "10.0.0.7")
        .doesNotContain("bank.example", "203.0.113.200");
    // Whoever stole its key could still make one; no phone takes it.
    own.authority().certify(own.file(), own.key(), strange, NOW);
    Assertions.assertThatThrownBy(() -> validate(own, NOW))
        .isInstanceOf(NameConstraintValidatorException.class);
  }

  @Test
  void nobodyElseReadsItsFiles() throws Exception {
    OwnCertificate.in(data, NOW).renew(SHED, NOW);
    Path folder = data.resolve("https");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
        .isEqualTo("rwx------");
    try (Stream<Path> files = Files.list(folder)) {
      List<Path> all = files.toList();
      assertThat(all).hasSize(4);
      for (Path file : all) {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
            .as(file.toString())
            .isEqualTo("rw-------");
      }
    }
  }
}
