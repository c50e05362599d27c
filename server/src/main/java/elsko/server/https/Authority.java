package elsko.server.https;

import java.io.IOException;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.bouncycastle.asn1.DEROctetString;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraintValidatorException;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.asn1.x509.PKIXNameConstraintValidator;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.ContentSigner;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * A small authority that vouches for this machine and for nothing else: a phone that trusts it
 * trusts no stranger. It is made once; certificates are made by it as the machine's names change.
 */
final class Authority {
  private static final Duration HOLDS = Duration.ofDays(3650);

  /** Phones take none from an own authority that holds longer. */
  private static final Duration CERTIFICATE_HOLDS = Duration.ofDays(397);

  /** A device's clock may be behind. */
  private static final Duration EARLIER = Duration.ofDays(2);

  /** Networks that are never anybody's on the internet, with their masks. */
  private static final List<String> OWN_NETWORKS =
      List.of(
          "10.0.0.0/255.0.0.0",
          "172.16.0.0/255.240.0.0",
          "192.168.0.0/255.255.0.0",
          "169.254.0.0/255.255.0.0",
          "127.0.0.0/255.0.0.0",
          "fc00::/fe00::",
          "fe80::/ffc0::",
          "::1/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff");

  /** Names that are never anybody's on the internet. */
  private static final List<String> OWN_NAMES = List.of("localhost", "local", "lan", "home.arpa");

  private static final String SIGNED_WITH = "SHA256withECDSA";
  private final X509Certificate certificate;
  private final PrivateKey key;

  private Authority(X509Certificate certificate, PrivateKey key) {
    this.certificate = certificate;
    this.key = key;
  }

  /** The one in a folder; made where there is none. */
  static Authority in(Path folder, Instant now) throws IOException, GeneralSecurityException {
    Path certificate = folder.resolve("authority.pem");
    Path key = folder.resolve("authority-key.pem");
    if (Files.exists(certificate) && Files.exists(key)) {
      return new Authority(Pem.certificate(certificate), Pem.key(key));
    }
    Authority made = made(MachineNames.now(), now);
    Pem.write(key, made.key);
    Pem.write(certificate, made.certificate);
    return made;
  }

  private static Authority made(MachineNames machine, Instant now)
      throws IOException, GeneralSecurityException {
    KeyPair keys = keys();
    X500Name name = called("Elsko authority of " + machine.names().get(machine.names().size() - 1));
    X509v3CertificateBuilder builder =
        new JcaX509v3CertificateBuilder(
            name,
            serial(),
            Date.from(now.minus(EARLIER)),
            Date.from(now.plus(HOLDS)),
            name,
            keys.getPublic());
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
    builder.addExtension(
        Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
    builder.addExtension(
        Extension.nameConstraints,
        true,
        new NameConstraints(permitted(machine).toArray(GeneralSubtree[]::new), null));
    builder.addExtension(
        Extension.subjectKeyIdentifier,
        false,
        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(keys.getPublic()));
    return new Authority(signed(builder, keys.getPrivate()), keys.getPrivate());
  }

  private static List<GeneralSubtree> permitted(MachineNames machine) throws IOException {
    List<GeneralSubtree> permitted = new ArrayList<>();
    List<String> names = new ArrayList<>(OWN_NAMES);
    machine.names().stream()
        .filter(name -> OWN_NAMES.stream().noneMatch(own -> name.endsWith("." + own)))
        .filter(name -> !names.contains(name))
        .forEach(names::add);
    for (String name : names) {
      permitted.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, name)));
    }
    for (String network : OWN_NETWORKS) {
      permitted.add(network(network));
    }
    for (String address : machine.addresses()) {
      if (!isOwn(InetAddress.getByName(address))) {
        permitted.add(network(address + "/" + (address.contains(":") ? ALL_OF_SIX : ALL_OF_FOUR)));
      }
    }
    return permitted;
  }

  private static final String ALL_OF_FOUR = "255.255.255.255";
  private static final String ALL_OF_SIX = "ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff";

  private static boolean isOwn(InetAddress address) {
    boolean unique = address.getAddress().length == 16 && (address.getAddress()[0] & 0xFE) == 0xFC;
    return address.isLoopbackAddress()
        || address.isSiteLocalAddress()
        || address.isLinkLocalAddress()
        || unique;
  }

  private static GeneralSubtree network(String written) throws IOException {
    String[] parts = written.split("/");
    byte[] address = InetAddress.getByName(parts[0]).getAddress();
    byte[] mask = InetAddress.getByName(parts[1]).getAddress();
    byte[] both = new byte[address.length + mask.length];
    System.arraycopy(address, 0, both, 0, address.length);
    System.arraycopy(mask, 0, both, address.length, mask.length);
    return new GeneralSubtree(new GeneralName(GeneralName.iPAddress, new DEROctetString(both)));
  }

  /** Of a machine's names those it vouches for: one it was not made for is no name for it. */
  MachineNames within(MachineNames machine) throws GeneralSecurityException {
    PKIXNameConstraintValidator limits = new PKIXNameConstraintValidator();
    limits.intersectPermittedSubtree(
        NameConstraints.getInstance(
                new JcaX509CertificateHolder(certificate)
                    .getExtension(Extension.nameConstraints)
                    .getParsedValue())
            .getPermittedSubtrees());
    return new MachineNames(
        machine.names().stream()
            .filter(name -> isWithin(limits, new GeneralName(GeneralName.dNSName, name)))
            .toList(),
        machine.addresses().stream()
            .filter(address -> isWithin(limits, new GeneralName(GeneralName.iPAddress, address)))
            .toList());
  }

  private static boolean isWithin(PKIXNameConstraintValidator limits, GeneralName name) {
    try {
      limits.checkPermitted(name);
      return true;
    } catch (NameConstraintValidatorException outside) {
      return false;
    }
  }

  /** Writes a certificate for these names, with the authority's behind it, and its key. */
  void certify(Path certificateFile, Path keyFile, MachineNames machine, Instant now)
      throws IOException, GeneralSecurityException {
    KeyPair keys = keys();
    X509v3CertificateBuilder builder =
        new JcaX509v3CertificateBuilder(
            X500Name.getInstance(certificate.getSubjectX500Principal().getEncoded()),
            serial(),
            Date.from(now.minus(EARLIER)),
            Date.from(now.plus(CERTIFICATE_HOLDS)),
            called("Elsko"),
            keys.getPublic());
    List<GeneralName> names = new ArrayList<>();
    machine.names().forEach(name -> names.add(new GeneralName(GeneralName.dNSName, name)));
    machine.addresses().forEach(one -> names.add(new GeneralName(GeneralName.iPAddress, one)));
    builder.addExtension(
        Extension.subjectAlternativeName,
        false,
        new GeneralNames(names.toArray(GeneralName[]::new)));
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
    builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
    builder.addExtension(
        Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
    builder.addExtension(
        Extension.authorityKeyIdentifier,
        false,
        new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(certificate));
    // The key first: whoever reads them anew does so when the certificate has changed.
    Pem.write(keyFile, keys.getPrivate());
    Pem.write(certificateFile, signed(builder, key), certificate);
  }

  private static KeyPair keys() throws GeneralSecurityException {
    KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
    generator.initialize(new ECGenParameterSpec("secp256r1"));
    return generator.generateKeyPair();
  }

  private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey by)
      throws GeneralSecurityException {
    try {
      ContentSigner signer = new JcaContentSignerBuilder(SIGNED_WITH).build(by);
      return new JcaX509CertificateConverter().getCertificate(builder.build(signer));
    } catch (OperatorCreationException impossible) {
      throw new GeneralSecurityException(impossible);
    }
  }

  private static X500Name called(String name) {
    return new X500NameBuilder(BCStyle.INSTANCE).addRDN(BCStyle.CN, name).build();
  }

  private static BigInteger serial() {
    return new BigInteger(127, new SecureRandom()).setBit(126);
  }

  X509Certificate certificate() {
    return certificate;
  }

  /** By which somebody sees on the phone that it is this one, like "3F 0A ...". */
  String fingerprint() throws GeneralSecurityException {
    byte[] digest = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
    return HexFormat.ofDelimiter(" ").formatHex(digest).toUpperCase(Locale.ROOT);
  }
}
