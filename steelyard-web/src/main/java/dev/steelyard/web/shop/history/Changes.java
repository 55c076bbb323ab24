package dev.steelyard.web.shop.history;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was changed, and finds it again. */
@Repository
public class Changes {

    private static final Duration TOGETHER = Duration.ofMinutes(30);
    private static final int LONGEST_NAME = 400;
    private static final int LONGEST_WHY = 500;

    private final EntityManager entities;
    private final JsonMapper mapper;
    private final Clock clock;

    Changes(EntityManager entities, JsonMapper mapper, Clock clock) {
        this.entities = entities;
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * A change as pages read it.
     *
     * @param times how many edits it draws together
     */
    public record Entry(long id, Change change, Instant at, String by, int times, boolean hasForm) {}

    /** The fields of a settings form as they stood. @param form which one */
    public record FormBefore(String form, Map<String, List<String>> fields, Instant at) {

        public String field(String name) {
            return fields.getOrDefault(name, List.of("")).stream().findFirst().orElse("");
        }
    }

    /** Keeps a change of settings with the fields of its form as they stood, so that one can go back to them. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(Change change, String form, Map<String, List<String>> before, String by) {
        entities.persist(new StoredChange(change, write(change.before()), write(change.after()), clock.instant(), by)
                .withForm(mapper.writeValueAsString(Map.of("form", form, "fields", before))));
    }

    /** The fields that were kept with a change; none where none were. */
    @Transactional(readOnly = true)
    public Optional<FormBefore> formBefore(long id) {
        StoredChange found = entities.find(StoredChange.class, id);
        return found == null || found.formBefore() == null
                ? Optional.empty()
                : Optional.of(mapper.readValue(found.formBefore(), KeptForm.class))
                        .map(kept -> new FormBefore(kept.form(), kept.fields(), found.madeAt()));
    }

    private record KeptForm(String form, Map<String, List<String>> fields) {}

    /** Keeps a change, in the transaction that makes it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(Change change, String by) {
        Instant now = clock.instant();
        StoredChange last = change.what() == What.DRAFT ? last(change) : null;
        String after = write(change.after());
        if (last != null
                && last.what() == What.DRAFT
                && last.madeBy().equals(by)
                && last.madeAt().plus(TOGETHER).isAfter(now)) {
            last.goOn(shortened(change.name(), LONGEST_NAME), after, now);
            return;
        }
        Change kept = new Change(
                change.subject(),
                change.id(),
                shortened(change.name(), LONGEST_NAME),
                change.what(),
                shortened(change.why(), LONGEST_WHY),
                change.before(),
                change.after());
        entities.persist(new StoredChange(kept, write(change.before()), after, now, by));
    }

    private @Nullable StoredChange last(Change change) {
        return entities.createQuery(
                        "select c from StoredChange c where c.subject = :subject and c.subjectId = :id"
                                + " order by c.madeAt desc, c.id desc",
                        StoredChange.class)
                .setParameter("subject", change.subject())
                .setParameter("id", change.id())
                .setMaxResults(1)
                .getResultStream()
                .findFirst()
                .orElse(null);
    }

    /** The latest changes of the shop itself, newest first: without who came and went. */
    @Transactional(readOnly = true)
    public List<Entry> latestOfTheShop(int most) {
        return entities.createQuery(
                        "select c from StoredChange c where c.subject <> :signIn order by c.madeAt desc, c.id desc",
                        StoredChange.class)
                .setParameter("signIn", ChangeSubject.SIGN_IN)
                .setMaxResults(most)
                .getResultStream()
                .map(this::entry)
                .toList();
    }

    /**
     * The latest changes, newest first.
     *
     * @param before only those before the entry of this id; none for the newest
     */
    @Transactional(readOnly = true)
    public List<Entry> latest(HistorySearch search, @Nullable Long before, int most) {
        StringBuilder query = new StringBuilder("select c from StoredChange c where 1 = 1");
        Map<String, Object> values = new LinkedHashMap<>();
        narrow(query, values, "c.subject = :subject", "subject", search.subject());
        narrow(query, values, "c.subjectId = :id", "id", search.id());
        narrow(query, values, "c.madeBy = :by", "by", search.by().isEmpty() ? null : search.by());
        narrow(query, values, "c.madeAt >= :from", "from", search.from());
        narrow(query, values, "c.madeAt < :until", "until", search.until());
        narrow(
                query,
                values,
                "(c.subjectName like :words escape '!' or c.why like :words escape '!' or c.stateAfter like :words escape '!')",
                "words",
                search.words().isEmpty() ? null : "%" + search.words().replaceAll("([!%_])", "!$1") + "%");
        StoredChange from = before == null ? null : entities.find(StoredChange.class, before);
        if (from != null) {
            query.append(" and (c.madeAt < :at or c.madeAt = :at and c.id < :last)");
            values.put("at", from.madeAt());
            values.put("last", from.id());
        }
        query.append(" order by c.madeAt desc, c.id desc");
        var found = entities.createQuery(query.toString(), StoredChange.class).setMaxResults(most);
        values.forEach(found::setParameter);
        return found.getResultStream().map(this::entry).toList();
    }

    private static void narrow(
            StringBuilder query, Map<String, Object> values, String condition, String name, @Nullable Object value) {
        if (value != null) {
            query.append(" and ").append(condition);
            values.put(name, value);
        }
    }

    /** One change. */
    @Transactional(readOnly = true)
    public Optional<Entry> find(long id) {
        return Optional.ofNullable(entities.find(StoredChange.class, id)).map(this::entry);
    }

    /** Everyone who has changed something, by name. */
    @Transactional(readOnly = true)
    public List<String> people() {
        return entities.createQuery("select distinct c.madeBy from StoredChange c", String.class)
                .getResultStream()
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    private Entry entry(StoredChange stored) {
        return new Entry(
                stored.id(),
                new Change(
                        stored.subject(),
                        stored.subjectId(),
                        stored.subjectName(),
                        stored.what(),
                        stored.why(),
                        read(stored.before()),
                        read(stored.after())),
                stored.madeAt(),
                stored.madeBy(),
                stored.times(),
                stored.formBefore() != null);
    }

    private String write(Map<String, String> state) {
        return mapper.writeValueAsString(state);
    }

    private Map<String, String> read(String json) {
        return mapper.readValue(json, new TypeReference<Map<String, String>>() {});
    }

    private static String shortened(String text, int longest) {
        return text.length() <= longest ? text : text.substring(0, longest);
    }
}
