package dev.steelyard.web.store.docs;

import com.fasterxml.jackson.databind.JavaType;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import org.jspecify.annotations.Nullable;

/** The class behind a type as the document's makers hand it on. */
final class RawType {

    private RawType() {}

    static @Nullable Class<?> of(@Nullable Type type) {
        if (type instanceof Class<?> plain) {
            return plain;
        } else if (type instanceof JavaType java) {
            return java.getRawClass();
        }
        return type instanceof ParameterizedType of ? of(of.getRawType()) : null;
    }
}
