package dev.steelyard.web.base.page;

import java.util.AbstractMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.thymeleaf.context.IContext;

/** What a page is given, as a map in which every name is; one that was not given has no value. */
final class GivenToPage extends AbstractMap<String, Object> {

    private final IContext page;

    GivenToPage(IContext page) {
        this.page = page;
    }

    @Override
    public @Nullable Object get(Object name) {
        return page.getVariable((String) name);
    }

    @Override
    public boolean containsKey(Object name) {
        return true;
    }

    @Override
    public Set<Map.Entry<String, Object>> entrySet() {
        Map<String, Object> all = new TreeMap<>();
        page.getVariableNames().forEach(name -> all.put(name, page.getVariable(name)));
        return all.entrySet();
    }
}
