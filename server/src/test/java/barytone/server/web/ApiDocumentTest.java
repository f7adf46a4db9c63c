package barytone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.job.Door;
import barytone.server.job.Doors;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.SpecVersion;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocAnnotationsUtils;
import org.springframework.context.annotation.Bean;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the committed description of the API against the running application. After a change of the API write it anew with
 * {@code -Dopenapi.write=true} and make the types of the web side from it ({@code npm run types}).
 */
class ApiDocumentTest {
    private static final Path COMMITTED = Path.of("../web/openapi.json");

    // not a @Configuration: the other tests must not find it
    static class Described {
        @Bean
        OpenApiCustomizer noServers() {
            return api -> {
                api.setServers(null);
                api.getInfo().title("Barytone").version("1");
            };
        }

        /** A file is its body; it is no field of one. */
        @Bean
        OpenApiCustomizer files() {
            return api -> Objects.requireNonNull(api.getPaths().get("/api/exchange"))
                    .getPost()
                    .getRequestBody()
                    .getContent()
                    .values()
                    .forEach(content -> content.setSchema(new StringSchema().format("binary")));
        }

        /** What is refused, and how; the words are in the answer itself. */
        @Bean
        OpenApiCustomizer refusals() {
            return api -> {
                api.getComponents().addSchemas("Problem", problem());
                api.getPaths()
                        .forEach((path, item) -> item.readOperationsMap().forEach((method, operation) -> {
                            refused(
                                    operation,
                                    "400",
                                    "Something is missing or not allowed: the field, what was given and what is allowed");
                            if (path.contains("{id}")) refused(operation, "404", "There is none with this number");
                            if (path.startsWith("/api/jobs/{id}/") && method != PathItem.HttpMethod.GET) {
                                refused(
                                        operation,
                                        "409",
                                        "The job changed meanwhile, is closed, or the key was used for something else");
                                refused(
                                        operation,
                                        "422",
                                        "It is odd, and is asked about first: sent again as sure, it is taken");
                            }
                            if (method != PathItem.HttpMethod.GET)
                                refused(operation, "503", "The disk does not answer. Nothing of this was recorded");
                        }));
            };
        }

        private static void refused(Operation operation, String status, String why) {
            operation
                    .getResponses()
                    .addApiResponse(
                            status,
                            new ApiResponse()
                                    .description(why)
                                    .content(new Content()
                                            .addMediaType(
                                                    "application/problem+json",
                                                    new MediaType()
                                                            .schema(new Schema<>()
                                                                    .$ref("#/components/schemas/Problem")))));
        }

        private static Schema<?> problem() {
            Schema<?> problem = new Schema<>().type("object").description("Why something was not done.");
            problem.addProperty("title", new StringSchema());
            problem.addProperty("status", new IntegerSchema());
            problem.addProperty("detail", new StringSchema().description("in words, to be shown as they are"));
            problem.addProperty("code", new StringSchema().description("for the page, where it has more to offer"));
            problem.addProperty("field", new StringSchema().description("what was not allowed"));
            problem.addProperty(
                    "suggestion", new StringSchema().description("what was probably meant, to be sent instead"));
            problem.addProperty("suggested", new StringSchema().description("the same as it is spoken"));
            return problem;
        }

        /** What every address has in common. */
        @Bean
        OperationCustomizer parameters() {
            return (operation, handler) -> {
                if (operation.getDescription() != null
                        && operation.getDescription().equals(operation.getSummary())) operation.setDescription(null);
                if (operation.getParameters() == null) return operation;
                for (Parameter parameter : operation.getParameters()) {
                    if (parameter.getDescription() != null) continue;
                    String known = KNOWN.get(parameter.getName());
                    if (known != null) parameter.setDescription(known);
                }
                return operation;
            };
        }

        private static final Map<String, String> KNOWN = Map.of(
                "id", "its number",
                "unit", "of every number that is shown or typed without one: mm, thou or in64",
                "after", "the place of the last event that was seen",
                "key", "of this request alone, so that it is kept once");

        private static Schema<?> schema(Components components, String name) {
            return Objects.requireNonNull(components.getSchemas().get(name));
        }

        /** What the stations add to the page of a job is said by their doors. */
        @Bean
        OpenApiCustomizer rooms(Doors doors) {
            return api -> {
                Components components = api.getComponents();
                for (Door door : doors.all())
                    door.parts().forEach((name, what) -> {
                        Schema<?> part =
                                SpringDocAnnotationsUtils.extractSchema(components, what, null, null, SpecVersion.V31);
                        schema(components, "JobView").addProperty(name, part);
                        schema(components, "JobView").addRequiredItem(name);
                        schema(components, "RoomView").addProperty(name, part);
                    });
            };
        }

        /** Names are spelt as they are sent, whatever they are called in Java. */
        @SuppressWarnings({"unchecked", "rawtypes"})
        private static Schema<?> spelt(Schema resolved, Class<?> kind) {
            resolved.setEnum(Arrays.stream(kind.getEnumConstants())
                    .map(value ->
                            ((Enum<?>) value).name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .toList());
            return resolved;
        }

        /** A record component is always there unless it is nullable. */
        @Bean
        ModelConverter required() {
            return new ModelConverter() {
                @Override
                public @Nullable Schema<?> resolve(
                        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                    Schema<?> resolved = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                    JavaType java = Json.mapper().constructType(type.getType());
                    if (resolved != null && java != null && java.getRawClass().isEnum())
                        return spelt(resolved, java.getRawClass());
                    if (resolved == null || java == null || !java.getRawClass().isRecord()) return resolved;
                    Schema<?> target = resolved.get$ref() == null
                            ? resolved
                            : context.getDefinedModels()
                                    .get(resolved.get$ref()
                                            .substring(resolved.get$ref().lastIndexOf('/') + 1));
                    if (target == null || target.getProperties() == null) return resolved;
                    for (RecordComponent component : java.getRawClass().getRecordComponents()) {
                        boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
                        if (!nullable && target.getProperties().containsKey(component.getName()))
                            target.addRequiredItem(component.getName());
                    }
                    return resolved;
                }
            };
        }
    }

    @Test
    void everyOperationSaysWhatItDoesUnderANameOfItsOwn() throws IOException {
        JsonNode paths =
                JsonMapper.shared().readTree(Files.readString(COMMITTED)).get("paths");
        List<String> ids = new ArrayList<>();
        paths.properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    assertThat(operation.getValue().path("summary").asString(""))
                            .as(operation.getKey() + " " + path.getKey())
                            .isNotBlank();
                    ids.add(operation.getValue().get("operationId").asString());
                }));
        assertThat(ids).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-z][A-Za-z]+"));
    }

    @Test
    void theCommittedDocumentDescribesTheRunningApplication(@TempDir Path data) throws IOException {
        try (RunningBarytone app = RunningBarytone.with(
                Described.class,
                data,
                "--springdoc.api-docs.enabled=true",
                "--springdoc.api-docs.path=/live-api-docs",
                "--springdoc.default-produces-media-type=application/json",
                "--springdoc.writer-with-order-by-keys=true",
                "--springdoc.writer-with-default-pretty-printer=true",
                "--springdoc.paths-to-match=/api/**")) {
            String live = app.get("/live-api-docs").text().strip() + "\n";
            if (Boolean.getBoolean("openapi.write")) Files.writeString(COMMITTED, live);
            assertThat(live).isEqualTo(Files.readString(COMMITTED));
            assertThat(app.get("/v3/api-docs").status()).isEqualTo(200);
        }
    }
}
