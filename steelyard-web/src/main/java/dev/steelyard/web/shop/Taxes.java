package dev.steelyard.web.shop;

import dev.steelyard.core.tax.TaxRules;
import jakarta.persistence.EntityManager;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
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
                : new TaxRules(
                        shop.pricesIncludeTax(),
                        rates,
                        shop.taxPerLine(),
                        entities.createQuery("select g from CustomerGroup g", CustomerGroup.class)
                                .getResultStream()
                                .filter(CustomerGroup::seesWithoutTax)
                                .map(CustomerGroup::name)
                                .collect(Collectors.toSet()));
    }

    private Map<String, Map<String, BigDecimal>> rates() {
        Map<Long, String> classes = classNames();
        Map<String, Map<String, BigDecimal>> rates = new TreeMap<>();
        entities.createQuery("select r from TaxRate r", TaxRate.class)
                .getResultStream()
                .forEach(rate -> rates.computeIfAbsent(rate.country(), any -> new HashMap<>())
                        .put(classes.get(rate.taxClassId()), rate.rate()));
        return rates;
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
