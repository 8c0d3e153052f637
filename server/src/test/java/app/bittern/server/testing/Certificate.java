package app.bittern.server.testing;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.Base64;

/// A key and a certificate for 127.0.0.1 that signs itself, as files in PEM.
///
/// @param store the same for a client that is to trust it
public record Certificate(Path certificate, Path key, KeyStore store) {
    private static final String ALIAS = "here";
    private static final String PASSWORD = "for the test";

    /// Makes one.
    ///
    /// @param folder where its files are written
    public static Certificate in(Path folder) throws IOException, GeneralSecurityException, InterruptedException {
        Path file = folder.resolve("store.p12");
        Process made = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        ALIAS,
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-dname",
                        "CN=127.0.0.1",
                        "-ext",
                        "san=ip:127.0.0.1",
                        "-validity",
                        "2",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass",
                        PASSWORD)
                .redirectErrorStream(true)
                .start();
        if (made.waitFor() != 0) {
            throw new IllegalStateException(new String(made.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
        }
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD.toCharArray());
        }
        return new Certificate(
                pem(
                        folder.resolve("certificate.pem"),
                        "CERTIFICATE",
                        store.getCertificate(ALIAS).getEncoded()),
                pem(
                        folder.resolve("key.pem"),
                        "PRIVATE KEY",
                        store.getKey(ALIAS, PASSWORD.toCharArray()).getEncoded()),
                store);
    }

    private static Path pem(Path file, String what, byte[] bytes) throws IOException {
        String text = Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(bytes);
        return Files.writeString(file, "-----BEGIN " + what + "-----\n" + text + "\n-----END " + what + "-----\n");
    }
}
