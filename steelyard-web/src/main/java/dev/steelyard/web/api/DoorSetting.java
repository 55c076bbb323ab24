package dev.steelyard.web.api;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.apache.coyote.ProtocolHandler;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Lets the server use our {@link Door}, and asks it. */
@Component
class DoorSetting implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private volatile @Nullable Door door;

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        server.setProtocol(Door.class.getName());
        server.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new RefusedAtTheDoor()));
        server.addConnectorCustomizers(connector -> {
            ProtocolHandler handler = connector.getProtocolHandler();
            door = handler instanceof Door ours ? ours : null;
        });
    }

    /** Whether whoever sent a request has gone. */
    boolean isGone(HttpServletRequest request) {
        return Optional.ofNullable(door)
                .map(one -> one.isGone(request.getRemotePort()))
                .orElse(false);
    }
}
