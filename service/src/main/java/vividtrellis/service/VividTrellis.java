package vividtrellis.service;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The service. */
@SpringBootApplication
@EnableScheduling
public class VividTrellis {

  /** Starts it; settings come from the environment, see application.yaml. */
  public static void main(String[] args) {
    SpringApplication.run(VividTrellis.class, args);
  }
}
