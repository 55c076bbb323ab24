package dev.steelyard.neighbour;

import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.SpringBootConfiguration;
import org.springframework.boot.autoconfigure.ImportAutoConfiguration;
import org.springframework.boot.context.logging.LoggingApplicationListener;
import org.springframework.boot.http.converter.autoconfigure.HttpMessageConvertersAutoConfiguration;
import org.springframework.boot.jackson.autoconfigure.JacksonAutoConfiguration;
import org.springframework.boot.servlet.autoconfigure.HttpEncodingAutoConfiguration;
import org.springframework.boot.thymeleaf.autoconfigure.ThymeleafAutoConfiguration;
import org.springframework.boot.tomcat.autoconfigure.servlet.TomcatServletWebServerAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.DispatcherServletAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.WebMvcAutoConfiguration;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorMvcAutoConfiguration;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.ComponentScan;

/** Starts the store, by itself or beside Steelyard in one process; what it needs of Spring is named, nothing is guessed. */
@SpringBootConfiguration(proxyBeanMethods = false)
@ImportAutoConfiguration({
    TomcatServletWebServerAutoConfiguration.class,
    DispatcherServletAutoConfiguration.class,
    WebMvcAutoConfiguration.class,
    ErrorMvcAutoConfiguration.class,
    HttpEncodingAutoConfiguration.class,
    HttpMessageConvertersAutoConfiguration.class,
    JacksonAutoConfiguration.class,
    ThymeleafAutoConfiguration.class
})
@ComponentScan
public class Neighbour {

    /** @param args the file of its settings */
    public static void main(String... args) {
        if (args.length != 1) {
            System.err.println("neighbour: name the file of its settings; ./steelyard start --demo makes one");
            System.exit(2);
        }
        NeighbourSettings settings = NeighbourSettings.read(Path.of(args[0]));
        start(settings);
        System.out.println("The neighbour is ready at http://127.0.0.1:" + settings.port() + "/");
    }

    /** @return to be closed when it is no longer wanted */
    public static ConfigurableApplicationContext start(NeighbourSettings settings) {
        SpringApplication spring = new SpringApplication(Neighbour.class);
        // beside Steelyard in one process, logging is set up already
        spring.setListeners(spring.getListeners().stream()
                .filter(one -> !(one instanceof LoggingApplicationListener))
                .toList());
        spring.setRegisterShutdownHook(false);
        spring.setDefaultProperties(Map.of(
                "spring.config.name", "neighbour",
                "spring.main.banner-mode", "off",
                "spring.main.log-startup-info", "false",
                "server.address", "127.0.0.1",
                "server.port", settings.port(),
                "server.error.include-message", "never",
                "spring.thymeleaf.prefix", "classpath:/neighbour/templates/",
                "spring.web.resources.static-locations", "classpath:/neighbour/static/"));
        spring.addInitializers(context -> context.getBeanFactory().registerSingleton("settings", settings));
        return spring.run();
    }
}
