package dev.steelyard.web.store.hooks;

import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Which addresses may be told: public ones by https, so that nobody can make this machine knock at doors within its own network.
 * A setting allows private ones, for stores beside it.
 */
@Component
class HookAddress {

    private static final int LONGEST = 500;

    private final boolean privateToo;

    HookAddress(@Value("${steelyard.webhooks.private:false}") boolean privateToo) {
        this.privateToo = privateToo;
    }

    /** What is wrong with a typed address; none where nothing is. */
    @Nullable
    String fault(String typed) {
        if (typed.isBlank() || typed.length() > LONGEST) {
            return "An address has 1 to " + LONGEST + " characters, not " + typed.length();
        }
        try {
            URI uri = new URI(typed);
            String scheme = uri.getScheme() == null ? "" : uri.getScheme().toLowerCase(Locale.ROOT);
            boolean web = scheme.equals("https") || scheme.equals("http") && privateToo;
            if (!web || uri.getHost() == null || uri.getUserInfo() != null || uri.getFragment() != null) {
                return "“" + typed + "” is no address that can be told: write it like https://shop.example/steelyard";
            }
            return null;
        } catch (URISyntaxException unreadable) {
            return "“" + typed + "” cannot be read as an address: write it like https://shop.example/steelyard";
        }
    }

    /** Why an address is not knocked at now, looked up anew: a name may lead elsewhere than yesterday. */
    @Nullable
    String refusal(URI address) {
        if (privateToo) {
            return null;
        }
        try {
            for (InetAddress one : InetAddress.getAllByName(address.getHost())) {
                if (!isPublic(one)) {
                    return address.getHost() + " leads to " + one.getHostAddress() + ", which is no public address";
                }
            }
            return null;
        } catch (UnknownHostException nobody) {
            return "there is no host " + address.getHost();
        }
    }

    private static boolean isPublic(InetAddress address) {
        byte[] bytes = address.getAddress();
        boolean uniqueLocal = bytes.length == 16 && (bytes[0] & 0xfe) == 0xfc;
        boolean shared = bytes.length == 4 && (bytes[0] & 0xff) == 100 && (bytes[1] & 0xc0) == 64;
        boolean nowhere = bytes.length == 4 && bytes[0] == 0;
        return !(address.isLoopbackAddress()
                || address.isAnyLocalAddress()
                || address.isLinkLocalAddress()
                || address.isSiteLocalAddress()
                || address.isMulticastAddress()
                || uniqueLocal
                || shared
                || nowhere);
    }
}
