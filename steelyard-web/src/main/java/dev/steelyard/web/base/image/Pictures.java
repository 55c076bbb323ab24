package dev.steelyard.web.base.image;

import dev.steelyard.web.base.page.Fingerprint;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pictures that can be picked. A picture's file is an address below the application's own. */
@Service
public class Pictures {

    private static final String SHIPPED = "/assets/options/";
    private static final List<String> DRAWINGS = List.of(
            "plain", "rope", "hook", "zip", "soft", "firm", "closed-cell", "thin", "thick", "round", "flag", "tin");
    private static final int MOST = 200;

    private final EntityManager entities;
    private final Clock clock;

    Pictures(EntityManager entities, Clock clock) {
        this.entities = entities;
        this.clock = clock;
    }

    /** A picture: its address and what it is called. */
    public record Picture(String file, String name) {}

    /** Those that ship with the application, then the uploaded ones, the newest first. */
    @Transactional(readOnly = true)
    public List<Picture> all() {
        List<Picture> all = new ArrayList<>();
        DRAWINGS.forEach(name -> all.add(new Picture(SHIPPED + name + ".svg", name.replace('-', ' '))));
        entities.createQuery(
                        "select p.fingerprint from StoredPicture p order by p.madeAt desc, p.id desc", String.class)
                .setMaxResults(MOST)
                .getResultList()
                .forEach(fingerprint ->
                        all.add(new Picture(file(fingerprint), "uploaded " + fingerprint.substring(0, 6))));
        return all;
    }

    /**
     * Keeps an uploaded picture, re-encoded.
     *
     * @return its address
     * @throws UnusablePicture where it is none, or too large
     */
    @Transactional
    public String keep(byte[] upload) {
        PictureReader.Encoded encoded = PictureReader.read(upload);
        String fingerprint = Fingerprint.of(encoded.png());
        if (stored(fingerprint).isEmpty()) {
            entities.persist(
                    new StoredPicture(fingerprint, encoded.width(), encoded.height(), encoded.png(), clock.instant()));
        }
        return file(fingerprint);
    }

    @Transactional(readOnly = true)
    Optional<byte[]> png(String fingerprint) {
        return stored(fingerprint).map(StoredPicture::png);
    }

    private Optional<StoredPicture> stored(String fingerprint) {
        return entities.createQuery(
                        "select p from StoredPicture p where p.fingerprint = :fingerprint", StoredPicture.class)
                .setParameter("fingerprint", fingerprint)
                .getResultStream()
                .findFirst();
    }

    private static String file(String fingerprint) {
        return "/pictures/" + fingerprint + ".png";
    }
}
