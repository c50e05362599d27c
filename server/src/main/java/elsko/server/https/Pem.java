package elsko.server.https;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.PrivateKey;
import java.security.cert.X509Certificate;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;

/** Keys and certificates as files that the service alone can read. */
final class Pem {
  private static final boolean POSIX =
      FileSystems.getDefault().supportedFileAttributeViews().contains("posix");

  private Pem() {}

  static FileAttribute<?>[] ownFile() {
    return POSIX
        ? new FileAttribute<?>[] {
          PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------"))
        }
        : new FileAttribute<?>[0];
  }

  static FileAttribute<?>[] ownFolder() {
    return POSIX
        ? new FileAttribute<?>[] {
          PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------"))
        }
        : new FileAttribute<?>[0];
  }

  static void write(Path file, PrivateKey key) throws IOException {
    // As PKCS #8, which every reader of keys knows.
    replace(file, new JcaPKCS8Generator(key, null));
  }

  static void write(Path file, X509Certificate... chain) throws IOException {
    replace(file, (Object[]) chain);
  }

  private static void replace(Path file, Object... parts) throws IOException {
    Path made = Files.createTempFile(file.getParent(), "made", ".part", ownFile());
    try {
      try (JcaPEMWriter pem = new JcaPEMWriter(Files.newBufferedWriter(made))) {
        for (Object part : parts) {
          pem.writeObject(part);
        }
      }
      Files.move(made, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(made);
    }
  }

  static X509Certificate certificate(Path file) throws IOException, GeneralSecurityException {
    try (Reader text = Files.newBufferedReader(file);
        PEMParser pem = new PEMParser(text)) {
      return new JcaX509CertificateConverter()
          .getCertificate((X509CertificateHolder) pem.readObject());
    }
  }

  static PrivateKey key(Path file) throws IOException {
    try (Reader text = Files.newBufferedReader(file);
        PEMParser pem = new PEMParser(text)) {
      return new JcaPEMKeyConverter().getPrivateKey((PrivateKeyInfo) pem.readObject());
    }
  }
}
