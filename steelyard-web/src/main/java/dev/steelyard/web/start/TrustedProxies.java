package dev.steelyard.web.start;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Who asks, by which scheme and name, is taken from the headers {@code X-Forwarded-For}, {@code -Proto}, {@code -Host} and
 * {@code -Port} of proxies that are trusted; from everybody else they are looked at by nobody.
 */
@Component
@ConditionalOnProperty("steelyard.proxies")
class TrustedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private final String networks;

    TrustedProxies(@Value("${steelyard.proxies}") String networks) {
        this.networks = networks;
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(networks);
        valve.setProtocolHeader("X-Forwarded-Proto");
        valve.setHostHeader("X-Forwarded-Host");
        valve.setPortHeader("X-Forwarded-Port");
        server.addEngineValves(valve);
    }
}
