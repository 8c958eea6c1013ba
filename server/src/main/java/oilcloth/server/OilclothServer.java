package oilcloth.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The desk's server: accounts, cases, reviews, replies over one MariaDB. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class OilclothServer {
    public static void main(String[] args) {
        SpringApplication.run(OilclothServer.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
