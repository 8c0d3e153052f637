package app.bittern.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/// The application: the front end, the API and the drafts behind it.
@SpringBootApplication
@EnableScheduling
public class BitternServer {
    public static void main(String[] arguments) {
        SpringApplication.run(BitternServer.class, arguments);
    }

    /// A test may bring another.
    @Bean
    @ConditionalOnMissingBean
    Clock clock() {
        return Clock.systemUTC();
    }
}
