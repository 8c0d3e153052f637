package app.bittern.server.guard;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Ssl;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;

/// How the server is connected: how long it waits, TLS of its own, and proxies that are believed what they forward.
@Configuration
@EnableConfigurationProperties(Patience.class)
class Connections implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final int KEPT_SECONDS = 60;

    private final Patience patience;
    private final String certificate;
    private final String key;
    private final List<String> proxies;
    private final int ofAddress;

    Connections(
            Patience patience,
            @Value("${bittern.tls.certificate}") String certificate,
            @Value("${bittern.tls.key}") String key,
            @Value("${bittern.proxies}") List<String> proxies,
            @Value("${bittern.connections-of-address}") int ofAddress) {
        if (certificate.isEmpty() != key.isEmpty()) {
            throw new IllegalStateException(
                    "found one of BITTERN_TLS_CERTIFICATE and BITTERN_TLS_KEY; TLS needs both, as files in PEM.");
        }
        this.patience = patience;
        this.certificate = certificate;
        this.key = key;
        this.ofAddress = ofAddress;
        this.proxies = proxies.stream()
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.setProtocol(TimedProtocol.class.getName());
        factory.addConnectorCustomizers(this::bounds);
        if (!certificate.isEmpty()) {
            Ssl tls = new Ssl();
            tls.setCertificate("file:" + certificate);
            tls.setCertificatePrivateKey("file:" + key);
            tls.setEnabledProtocols(new String[] {"TLSv1.3", "TLSv1.2"});
            factory.setSsl(tls);
        }
        if (!proxies.isEmpty()) {
            factory.addEngineValves(believing());
        }
    }

    private void bounds(Connector connector) {
        if (connector.getProtocolHandler() instanceof TimedProtocol protocol) {
            int millis = Math.toIntExact(patience.headers().toMillis());
            protocol.headers(patience.headers());
            protocol.bound(ofAddress, proxies);
            protocol.setConnectionTimeout(millis);
            protocol.setDisableUploadTimeout(false);
            protocol.setConnectionUploadTimeout(millis);
            protocol.setKeepAliveTimeout(KEPT_SECONDS * 1000);
        }
    }

    /// Whoever else names an address or TLS in its headers is not believed.
    private RemoteIpValve believing() {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(proxies.stream().map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        return valve;
    }
}
