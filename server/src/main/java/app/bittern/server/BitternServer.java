package app.bittern.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/// The application: the front end, the API and the drafts behind it.
@SpringBootApplication
public class BitternServer {
    public static void main(String[] arguments) {
        SpringApplication.run(BitternServer.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
