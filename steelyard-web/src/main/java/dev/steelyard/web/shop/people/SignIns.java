package dev.steelyard.web.shop.people;

import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationFailureEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Logs who signs in and who fails to, and keeps it in History. */
@Component
class SignIns {

    private static final Logger log = LoggerFactory.getLogger(SignIns.class);
    private static final int SHOWN = 60;
    private static final String STRANGER = "somebody";

    private final SignInLimit limit;
    private final Changes changes;
    private final SecondFactor factor;
    private final TransactionTemplate transactions;

    SignIns(SignInLimit limit, Changes changes, SecondFactor factor, TransactionTemplate transactions) {
        this.limit = limit;
        this.changes = changes;
        this.factor = factor;
        this.transactions = transactions;
    }

    @EventListener
    void right(AuthenticationSuccessEvent event) {
        Authentication who = event.getAuthentication();
        if (who.getPrincipal() instanceof StaffMember member) {
            if (!factor.isOn(member.id())) {
                signedIn(member, address(who));
            }
        }
    }

    /** Somebody has said wholly who they are. */
    void signedIn(StaffMember member, String address) {
        limit.right(member.getUsername(), address);
        log.info("{} signed in from {}", member.getUsername(), address);
        keep(member.getUsername(), What.SIGNED_IN, address, member.name());
    }

    /** The password was right, the code was not. */
    void wrongCode(StaffMember member, String address) {
        limit.wrong(member.getUsername(), address);
        log.warn("A wrong code for {} from {}", member.getUsername(), address);
        keep(member.getUsername(), What.NOT_SIGNED_IN, address, STRANGER);
    }

    /** Somebody set a second factor up, or took it off. */
    void factor(StaffMember member, boolean on) {
        transactions.executeWithoutResult(status -> changes.keep(
                new Change(
                        ChangeSubject.PEOPLE,
                        member.id(),
                        member.name(),
                        What.SHOP,
                        "",
                        Map.of("second factor", on ? "off" : "on"),
                        Map.of("second factor", on ? "on" : "off")),
                member.name()));
    }

    @EventListener
    void wrong(AbstractAuthenticationFailureEvent event) {
        String name = String.valueOf(event.getAuthentication().getPrincipal());
        String address = address(event.getAuthentication());
        limit.wrong(name, address);
        log.warn("A wrong name or password for “{}” from {}", shown(name), address);
        keep(shown(name), What.NOT_SIGNED_IN, address, STRANGER);
    }

    /** A try that came too soon after wrong ones; those before it are kept, so that this is only logged. */
    void slowed(String name, String address) {
        log.warn("Signing in as “{}” from {} was not looked at: too soon after wrong passwords", shown(name), address);
    }

    private void keep(String name, What what, String address, String by) {
        transactions.executeWithoutResult(status -> changes.keep(
                new Change(ChangeSubject.SIGN_IN, 0, name, what, "", Map.of(), Map.of(Change.FROM, address)), by));
    }

    private static String address(Authentication who) {
        return who.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "";
    }

    private static String shown(String name) {
        String printable = name.replaceAll("\\p{Cntrl}", "�");
        return printable.length() <= SHOWN ? printable : printable.substring(0, SHOWN) + "…";
    }
}
