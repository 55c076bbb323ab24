package dev.steelyard.web.store.docs;

import dev.steelyard.web.store.door.Needs;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.headers.Header;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What the OpenAPI document says beside what springdoc reads off the calls: which key each needs, how each can be refused,
 * an example of each, and which fields are always there.
 */
@Configuration(proxyBeanMethods = false)
class Described {

    private static final String SERVER_KEY = "server key";
    private static final String PAGE_KEY = "page key";
    private static final String PROBLEM = "Problem";
    private static final String TRIALS = "trials";

    @Bean
    OpenApiCustomizer document() {
        return api -> {
            api.setInfo(new Info()
                    .title("Steelyard")
                    .version("1")
                    .description(
                            "Prices, quotes and orders for the owner’s own store. Numbers of money and measure are decimal"
                                    + " text; times are RFC 3339; errors are application/problem+json (RFC 9457). Ignore fields you do"
                                    + " not know: changes only add."));
            api.setServers(List.of());
            Components components = api.getComponents() == null ? new Components() : api.getComponents();
            api.setComponents(components);
            components.addSecuritySchemes(SERVER_KEY, bearer("steelyard_server_…, for the store’s own programs"));
            components.addSecuritySchemes(PAGE_KEY, bearer("steelyard_page_…, for pages of the origins it is good on"));
            components.addSchemas(PROBLEM, problem());
        };
    }

    private static SecurityScheme bearer(String words) {
        return new SecurityScheme()
                .type(SecurityScheme.Type.HTTP)
                .scheme("bearer")
                .description(words);
    }

    private static Schema<Object> problem() {
        Schema<Object> issue = typed("object");
        issue.addProperty("at", typed("string").description("JSON Pointer (RFC 6901) into the request"));
        issue.addProperty("message", typed("string"));
        issue.setRequired(List.of("at", "message"));
        Schema<Object> issues = typed("array");
        issues.setItems(issue);
        Schema<Object> problem = typed("object");
        problem.addProperty("type", typed("string").description("an address that explains it"));
        problem.addProperty("title", typed("string"));
        problem.addProperty("status", typed("integer"));
        problem.addProperty("detail", typed("string"));
        problem.addProperty("issues", issues);
        problem.setRequired(List.of("type", "title", "status", "detail"));
        problem.setDescription("Why a call was refused (RFC 9457).");
        return problem;
    }

    private static Schema<Object> typed(String type) {
        Schema<Object> schema = new Schema<>();
        schema.setTypes(Set.of(type));
        return schema;
    }

    @Bean
    OperationCustomizer call() {
        return (operation, method) -> {
            Needs needs = method.getMethodAnnotation(Needs.class);
            if (needs != null) {
                operation.addSecurityItem(new SecurityRequirement()
                        .addList(
                                SERVER_KEY,
                                needs.whatever()
                                        ? List.of()
                                        : List.of(needs.value().code())));
                if (needs.page()) {
                    operation.addSecurityItem(new SecurityRequirement().addList(PAGE_KEY));
                }
                refusals(operation);
            }
            if (TRIALS.equals(operation.getOperationId())) {
                operation.addSecurityItem(new SecurityRequirement().addList(SERVER_KEY));
                refusals(operation);
            }
            CallExamples.into(operation);
            return operation;
        };
    }

    private static void refusals(Operation operation) {
        Map<String, String> said = new LinkedHashMap<>();
        said.put("401", "no key, or one that is not good");
        said.put("403", "the key may not do this, or not on this page");
        said.put("404", "there is nothing of that name");
        said.put("429", "too many calls with this key");
        said.put("503", "the shop’s books cannot be reached just now");
        said.put("422", "the request cannot be used; “issues” says what is wrong where");
        if (operation.getRequestBody() != null) {
            said.put("413", "the body is too large");
            said.put("415", "the body is no JSON by its Content-Type");
        }
        said.forEach((status, words) ->
                operation.getResponses().addApiResponse(status, refusal(words, status.equals("429"))));
    }

    private static ApiResponse refusal(String words, boolean later) {
        ApiResponse response = new ApiResponse()
                .description(words)
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<Object>().$ref("#/components/schemas/" + PROBLEM))));
        return later
                ? response.addHeaderObject(
                        "Retry-After", new Header().description("seconds").schema(typed("string")))
                : response;
    }

    /** A component of a record is required unless it may be null, and there are no others. */
    @Bean
    ModelConverter records() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> raw = RawType.of(type.getType());
                if (raw != null && raw.isRecord()) {
                    Schema<?> defined = schema != null && schema.get$ref() != null
                            ? context.getDefinedModels()
                                    .get(schema.get$ref()
                                            .substring(schema.get$ref().lastIndexOf('/') + 1))
                            : schema;
                    if (defined != null) {
                        require(raw, defined);
                    }
                }
                return schema;
            }
        };
    }

    private static void require(Class<?> record, Schema<?> schema) {
        Map<String, ?> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        schema.setRequired(Arrays.stream(record.getRecordComponents())
                .filter(component -> !mayBeMissing(component))
                .map(RecordComponent::getName)
                .filter(properties::containsKey)
                .toList());
    }

    private static boolean mayBeMissing(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
