package dev.steelyard.web.store.hooks;

import dev.steelyard.web.shop.Noticed;
import java.util.List;
import org.springframework.stereotype.Component;

/** Today says which addresses are told no more. */
@Component
class PausedHooks implements Noticed {

    private final Webhooks hooks;

    PausedHooks(Webhooks hooks) {
        this.hooks = hooks;
    }

    @Override
    public List<Notice> notices() {
        return hooks.all().stream()
                .filter(hook -> hook.pausedAt() != null)
                .map(hook -> new Notice(
                        "Your store is not told at " + hook.address() + ": " + hook.pausedWhy(),
                        "/shop/webhooks",
                        true))
                .toList();
    }
}
