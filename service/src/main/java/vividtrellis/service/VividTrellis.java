package vividtrellis.service;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorMvcAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The service. */
// Its pages for errors would be a second shape beside problems.
@SpringBootApplication(exclude = ErrorMvcAutoConfiguration.class)
@EnableScheduling
public class VividTrellis {

  /** Starts it; settings come from the environment, see application.yaml. */
  public static void main(String[] args) {
    SpringApplication.run(VividTrellis.class, args);
  }
}
