package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works here and what they may: invited, given rights, given a new password, taken away. Somebody always keeps the shop. */
@Service
class People {

    private static final Duration GOOD_FOR = Duration.ofHours(72);
    private static final int CODE_BYTES = 24;
    private static final String LAST = "Somebody keeps the shop: give that right to another person first";

    private final JdbcTemplate sql;
    private final SecondFactor factor;
    private final Shops shops;
    private final Changes changes;
    private final RowIds ids;
    private final Clock clock;

    People(JdbcTemplate sql, Shops shops, Changes changes, RowIds ids, Clock clock, SecondFactor factor) {
        this.factor = factor;
        this.sql = sql;
        this.shops = shops;
        this.changes = changes;
        this.ids = ids;
        this.clock = clock;
    }

    /** Somebody as shown. */
    record Person(long id, String name, String signIn, Set<Right> rights) {

        public String words() {
            return Right.words(rights);
        }
    }

    /** A link that is good: for a new person, or for one who takes a new password. */
    record Invitation(long id, String name, Set<Right> rights, @Nullable Long staffId) {}

    @Transactional(readOnly = true)
    public List<Person> all() {
        return sql.query(
                "select id, name, sign_in, rights from staff where removed_at is null order by name, id",
                (row, n) ->
                        new Person(row.getLong(1), row.getString(2), row.getString(3), Right.read(row.getString(4))));
    }

    private Optional<Person> find(long id) {
        return all().stream().filter(one -> one.id() == id).findFirst();
    }

    /** Invites somebody. @return the code of the link, which is shown once */
    @Transactional
    public String invite(String name, Set<Right> rights, String by) {
        String code = link(name, rights, null, by);
        keep(name, What.MADE, Map.of(), Map.of("may", Right.words(rights)), by);
        return code;
    }

    /** Lets somebody take a new password; the one before, and all their sessions, end now. @return the code of the link */
    @Transactional
    public Optional<String> reset(long id, String by) {
        return find(id).map(person -> {
            sql.update("update staff set password_hash = '', epoch = epoch + 1 where id = ?", id);
            keep(
                    person.name(),
                    What.SHOP,
                    Map.of("password", "as it was"),
                    Map.of("password", "a new one is asked for"),
                    by);
            return link(person.name(), person.rights(), id, by);
        });
    }

    private String link(String name, Set<Right> rights, @Nullable Long staff, String by) {
        byte[] bytes = new byte[CODE_BYTES];
        new SecureRandom().nextBytes(bytes);
        String code = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        sql.update(
                "insert into invitation (id, code_hash, name, rights, staff_id, made_by, made_at) values (?, ?, ?, ?, ?, ?, ?)",
                ids.next(),
                Fingerprint.of(code),
                name,
                Right.write(rights),
                staff,
                by,
                now());
        return code;
    }

    /** What a link is for; none where it is not good, or no more. */
    @Transactional(readOnly = true)
    public Optional<Invitation> invitation(String code) {
        return sql
                .query(
                        "select id, name, rights, staff_id from invitation where code_hash = ? and used_at is null and made_at > ?",
                        (row, n) -> new Invitation(
                                row.getLong(1),
                                row.getString(2),
                                Right.read(row.getString(3)),
                                row.getObject(4) == null ? null : row.getLong(4)),
                        Fingerprint.of(code),
                        now().minus(GOOD_FOR))
                .stream()
                .findFirst();
    }

    /** What came of joining: the name to sign in with, or why not. */
    record Joined(@Nullable String signIn, @Nullable String fault) {}

    /** Uses a link up. @param signIn only asked of new people */
    @Transactional
    public Joined join(String code, String signIn, String passwordHash) {
        shops.hold();
        Invitation invited = invitation(code).orElse(null);
        if (invited == null) {
            return new Joined(null, "This link was used already, or is older than 72 hours");
        }
        if (invited.staffId() == null && isTaken(signIn)) {
            return new Joined(null, "“" + signIn + "” is the sign-in of somebody else");
        }
        sql.update("update invitation set used_at = ? where id = ?", now(), invited.id());
        if (invited.staffId() == null) {
            sql.update(
                    "insert into staff (id, sign_in, name, password_hash, rights) values (?, ?, ?, ?, ?)",
                    ids.next(),
                    signIn,
                    invited.name(),
                    passwordHash,
                    Right.write(invited.rights()));
            keep(invited.name(), What.SHOP, Map.of(), Map.of("signs in as", signIn), invited.name());
            return new Joined(signIn, null);
        }
        setPassword(invited.staffId(), passwordHash);
        return new Joined(find(invited.staffId()).map(Person::signIn).orElse(null), null);
    }

    private boolean isTaken(String signIn) {
        return Boolean.TRUE.equals(
                sql.queryForObject("select exists(select 1 from staff where sign_in = ?)", Boolean.class, signIn));
    }

    /** Gives somebody another password; all their sessions end. */
    @Transactional
    public void setPassword(long id, String hash) {
        sql.update("update staff set password_hash = ?, epoch = epoch + 1 where id = ?", hash, id);
        find(id).ifPresent(person -> keep(
                person.name(),
                What.SHOP,
                Map.of("password", "another"),
                Map.of("password", "a new one"),
                person.name()));
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String allow(long id, Set<Right> rights, String by) {
        shops.hold();
        Person person = find(id).orElse(null);
        if (person == null) {
            return "This person is gone: somebody else took them away";
        }
        if (!rights.contains(Right.KEEP) && isLast(id)) {
            return LAST;
        }
        if (!Right.write(rights).equals(Right.write(person.rights()))) {
            sql.update("update staff set rights = ? where id = ?", Right.write(rights), id);
            keep(person.name(), What.SHOP, Map.of("may", person.words()), Map.of("may", Right.words(rights)), by);
        }
        return "";
    }

    /** The numbers of those who have a second factor. */
    @Transactional(readOnly = true)
    public Set<Long> withFactor() {
        return Set.copyOf(sql.queryForList("select id from staff where factor_secret is not null", Long.class));
    }

    /** Takes a second factor off that somebody has lost; their sessions end. */
    @Transactional
    public void withoutFactor(long id, String by) {
        find(id).filter(person -> withFactor().contains(id)).ifPresent(person -> {
            factor.turnOff(id);
            sql.update("update staff set epoch = epoch + 1 where id = ?", id);
            keep(person.name(), What.SHOP, Map.of("second factor", "on"), Map.of("second factor", "off"), by);
        });
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String remove(long id, String by) {
        shops.hold();
        Person person = find(id).orElse(null);
        if (person == null) {
            return "";
        }
        if (isLast(id)) {
            return LAST;
        }
        // the name to sign in with is free again; history has the person's own name
        sql.update(
                "update staff set removed_at = ?, epoch = epoch + 1, sign_in = concat('-', id), password_hash = '' where id = ?",
                now(),
                id);
        sql.update("update invitation set used_at = ? where staff_id = ? and used_at is null", now(), id);
        keep(person.name(), What.REMOVED, Map.of("may", person.words()), Map.of(), by);
        return "";
    }

    private boolean isLast(long id) {
        return all().stream()
                .noneMatch(other -> other.id() != id && other.rights().contains(Right.KEEP));
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        changes.keep(new Change(ChangeSubject.PEOPLE, 0, name, what, "", before, after), by);
    }

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }
}
