package dev.steelyard.web.shop;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock, in UTC; nothing else asks the system for the time. */
@Configuration(proxyBeanMethods = false)
class ClockSetting {

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
