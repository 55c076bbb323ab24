package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The hosts under which this application is reached; a request for any other is refused by the firewall. */
@Component
public class OurHosts {

    private final Set<String> hosts;

    OurHosts(@Value("${steelyard.hosts:127.0.0.1,localhost,[::1]}") List<String> hosts) {
        this.hosts = Set.copyOf(hosts);
    }

    public boolean has(String host) {
        return hosts.contains(host);
    }

    /**
     * Whether a request may go past the firewall: it is for one of our hosts, and its address is written plainly, with no “..”,
     * “;” or escape in it.
     */
    public boolean isPlain(HttpServletRequest request) {
        return request.getServletPath().equals(request.getRequestURI()) && has(request.getServerName());
    }
}
