package dev.steelyard.web.shop;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes customer groups. The caller holds the shop's row, and says that prices have changed. */
@Service
@Transactional(propagation = Propagation.MANDATORY)
public class Groups {

    private final EntityManager entities;

    Groups(EntityManager entities) {
        this.entities = entities;
    }

    public Optional<CustomerGroup> find(long id) {
        return Optional.ofNullable(entities.find(CustomerGroup.class, id));
    }

    public void add(long id, String name, boolean seesWithoutTax) {
        entities.persist(new CustomerGroup(id, name, seesWithoutTax));
    }

    public void change(CustomerGroup group, String name, boolean seesWithoutTax) {
        group.setName(name);
        group.setSeesWithoutTax(seesWithoutTax);
        entities.flush();
    }

    /** Takes one away that no prices are of; whoever is at the counter as one of it is a guest again. */
    public void remove(CustomerGroup group) {
        entities.createNativeQuery("update basket set group_id = null where group_id = ?1")
                .setParameter(1, group.id())
                .executeUpdate();
        entities.remove(group);
        entities.flush();
    }
}
