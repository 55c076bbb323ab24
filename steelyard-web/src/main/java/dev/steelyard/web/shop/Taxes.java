package dev.steelyard.web.shop;

import dev.steelyard.core.tax.TaxRules;
import jakarta.persistence.EntityManager;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** How the shop's prices stand to tax. */
@Service
public class Taxes {

    private final EntityManager entities;

    Taxes(EntityManager entities) {
        this.entities = entities;
    }

    /** The rules as they stand; none while there is no rate at all, when no tax is reckoned. */
    @Transactional(readOnly = true)
    public @Nullable TaxRules current() {
        StoredShop shop = entities.find(StoredShop.class, StoredShop.ONLY);
        Map<String, Map<String, BigDecimal>> rates = rates();
        return rates.isEmpty()
                ? null
                : new TaxRules(shop.pricesIncludeTax(), rates, shop.taxPerLine(), groupsWithout());
    }

    private Map<String, Map<String, BigDecimal>> rates() {
        Map<Long, String> classes = classNames();
        Map<String, Map<String, BigDecimal>> rates = new TreeMap<>();
        all().forEach(rate -> rates.computeIfAbsent(rate.country(), any -> new HashMap<>())
                .put(classes.get(rate.taxClassId()), rate.rate()));
        return rates;
    }

    /**
     * How prices stand to tax, as it is set.
     *
     * @param home the country goods go to unless it is said
     * @param rates in percent, by country and the id of a tax class
     * @param groupsWithout who see prices without tax
     */
    public record Setting(
            boolean included,
            boolean perLine,
            String home,
            Map<String, Map<Long, BigDecimal>> rates,
            Set<String> groupsWithout) {}

    /** The rules that a setting would make; none where no tax would be reckoned. */
    @Transactional(readOnly = true)
    public @Nullable TaxRules rules(Setting setting) {
        Map<Long, String> names = classNames();
        Map<String, Map<String, BigDecimal>> rates = new HashMap<>();
        setting.rates().forEach((country, ofClasses) -> {
            Map<String, BigDecimal> named = new HashMap<>();
            ofClasses.forEach((id, rate) -> named.put(names.getOrDefault(id, ""), rate));
            rates.put(country, named);
        });
        return rates.isEmpty()
                ? null
                : new TaxRules(setting.included(), rates, setting.perLine(), setting.groupsWithout());
    }

    /** The setting as it stands. */
    @Transactional(readOnly = true)
    public Setting setting() {
        StoredShop shop = entities.find(StoredShop.class, StoredShop.ONLY);
        Map<String, Map<Long, BigDecimal>> rates = new TreeMap<>();
        all().forEach(rate ->
                rates.computeIfAbsent(rate.country(), any -> new TreeMap<>()).put(rate.taxClassId(), rate.rate()));
        return new Setting(shop.pricesIncludeTax(), shop.taxPerLine(), shop.homeCountry(), rates, groupsWithout());
    }

    private Set<String> groupsWithout() {
        return groups().filter(CustomerGroup::seesWithoutTax)
                .map(CustomerGroup::name)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Puts another setting in place of it, in the caller's transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void set(Setting setting) {
        entities.find(StoredShop.class, StoredShop.ONLY).setTax(setting.included(), setting.perLine(), setting.home());
        groups().forEach(
                        group -> group.setSeesWithoutTax(setting.groupsWithout().contains(group.name())));
        all().forEach(entities::remove);
        entities.flush();
        setting.rates()
                .forEach((country, ofClasses) ->
                        ofClasses.forEach((id, rate) -> entities.persist(new TaxRate(id, country, rate))));
    }

    /** Adds a class of goods, of which there is no rate yet, in the caller's transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void addClass(long id, String name) {
        entities.persist(new TaxClass(id, name));
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void renameClass(long id, String name) {
        entities.find(TaxClass.class, id).setName(name);
        entities.flush();
    }

    /** Takes one away that no goods are of, with its rates. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void removeClass(long id) {
        all().filter(rate -> rate.taxClassId() == id).forEach(entities::remove);
        entities.flush();
        entities.remove(entities.find(TaxClass.class, id));
        entities.flush();
    }

    private Stream<TaxRate> all() {
        return entities.createQuery("select r from TaxRate r", TaxRate.class).getResultStream();
    }

    private Stream<CustomerGroup> groups() {
        return entities.createQuery("select g from CustomerGroup g order by g.name", CustomerGroup.class)
                .getResultStream();
    }

    /** The names of all tax classes by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, String> classNames() {
        return classes().stream().collect(Collectors.toMap(TaxClass::id, TaxClass::name));
    }

    /** All tax classes by name. */
    @Transactional(readOnly = true)
    public List<TaxClass> classes() {
        return entities.createQuery("select c from TaxClass c order by c.name", TaxClass.class)
                .getResultList();
    }
}
