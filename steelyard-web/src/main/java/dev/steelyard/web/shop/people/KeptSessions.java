package dev.steelyard.web.shop.people;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.ObjectInputFilter;
import java.io.ObjectInputStream;
import java.io.ObjectOutputStream;
import java.io.UncheckedIOException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.ConversionService;
import org.springframework.core.convert.support.GenericConversionService;

/**
 * How what a session holds is kept in the database. What an older version wrote and this one cannot read is as if it were not
 * there: its browser signs in once more. Only classes that belong there are read.
 */
@Configuration(proxyBeanMethods = false)
class KeptSessions {

    private static final Logger log = LoggerFactory.getLogger(KeptSessions.class);
    private static final ObjectInputFilter OURS = ObjectInputFilter.Config.createFilter(
            "maxbytes=100000;maxdepth=30;dev.steelyard.**;org.springframework.security.**;org.springframework.web.servlet.*;"
                    + "org.springframework.util.*;java.lang.**;java.util.**;java.time.**;!*");

    /** By this name it is looked for. */
    @Bean
    ConversionService springSessionConversionService() {
        GenericConversionService conversions = new GenericConversionService();
        conversions.addConverter(Object.class, byte[].class, KeptSessions::written);
        conversions.addConverter(byte[].class, Object.class, KeptSessions::read);
        return conversions;
    }

    private static byte[] written(Object value) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ObjectOutputStream out = new ObjectOutputStream(bytes)) {
            out.writeObject(value);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return bytes.toByteArray();
    }

    private static @Nullable Object read(byte[] bytes) {
        try (ObjectInputStream in = new ObjectInputStream(new ByteArrayInputStream(bytes))) {
            in.setObjectInputFilter(OURS);
            return in.readObject();
        } catch (IOException | ClassNotFoundException | RuntimeException old) {
            log.info("A session holds what this version cannot read; its browser signs in again: {}", old.getMessage());
            return null;
        }
    }
}
