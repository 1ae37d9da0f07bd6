package app.dantro.acceptance.bench;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The yardstick for start times: the same starters, nothing of ours. */
@SpringBootApplication(proxyBeanMethods = false)
public class EmptyApplication {
    public static void main(String[] args) {
        SpringApplication.run(EmptyApplication.class, args);
        System.out.println("ready at nothing");
    }
}
