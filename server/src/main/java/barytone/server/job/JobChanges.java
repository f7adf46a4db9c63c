package barytone.server.job;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.codec.digest.MurmurHash3;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.util.RawValue;

/**
 * Answers an addition with what it changed of the page that its window has, rather than with the whole page again. A window says which page it has by the page's mark; where that is
 * not remembered any more it gets the whole. What is remembered is thrown away at will: it is never the truth of anything.
 */
@ControllerAdvice
class JobChanges implements ResponseBodyAdvice<Object> {
    /** The request header by which a window says which page it has. */
    static final String HAS = "Barytone-Has";

    /** The response header that says that the body is changes. */
    static final String CHANGES = "Barytone-Changes";

    /** So many pages are remembered: one for each window of a busy bench. */
    private static final int REMEMBERED = 16;

    /** How a page begins that has no mark yet: the first of what a {@link JobView} says. */
    private static final String UNMARKED = "{\"mark\":\"\"";

    private final JsonMapper mapper;

    private final Map<String, Page> pages = new LinkedHashMap<>(32, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Page> eldest) {
            return size() > REMEMBERED;
        }
    };

    JobChanges(JsonMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public boolean supports(MethodParameter returnType, Class<? extends HttpMessageConverter<?>> converterType) {
        return returnType.getParameterType() == JobView.class;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter returnType,
            MediaType selectedContentType,
            Class<? extends HttpMessageConverter<?>> selectedConverterType,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (!(body instanceof JobView view)) return body;
        String told = mapper.writeValueAsString(view);
        String mark = mark(told);
        Page now = new Page(marked(mark, told));
        String has = request.getHeaders().getFirst(HAS);
        Optional<ArrayNode> changes = has == null ? Optional.empty() : since(has, now);
        remember(mark, now);
        if (changes.isEmpty()) return new RawValue(now.json);
        response.getHeaders().set(CHANGES, "true");
        return changes.get();
    }

    /** The same page has the same mark, whenever it is asked for. */
    private static String mark(String page) {
        long[] sum = MurmurHash3.hash128x64(page.getBytes(StandardCharsets.UTF_8));
        return HexFormat.of().toHexDigits(sum[0]) + HexFormat.of().toHexDigits(sum[1]);
    }

    private static String marked(String mark, String page) {
        if (!page.startsWith(UNMARKED)) throw new IllegalStateException("a page begins with the place of its mark");
        return "{\"mark\":\"" + mark + '"' + page.substring(UNMARKED.length());
    }

    /** What changed since the page with a mark; empty when that page is not remembered any more. */
    private Optional<ArrayNode> since(String mark, Page now) {
        Page before = remembered(mark);
        if (before == null) return Optional.empty();
        ArrayNode changes = mapper.createArrayNode();
        compare(before.tree(), now.tree(), new ArrayList<>(), changes);
        return Optional.of(changes);
    }

    private @Nullable Page remembered(String mark) {
        synchronized (pages) {
            return pages.get(mark);
        }
    }

    private void remember(String mark, Page page) {
        synchronized (pages) {
            pages.put(mark, page);
        }
    }

    /** A page as it was sent, and taken apart once somebody asks what changed since. */
    private final class Page {
        private final String json;
        private @Nullable JsonNode tree;

        Page(String json) {
            this.json = json;
        }

        synchronized JsonNode tree() {
            if (tree == null) tree = mapper.readTree(json);
            return tree;
        }
    }

    private void compare(JsonNode before, JsonNode now, List<Object> at, ArrayNode changes) {
        if (before.equals(now)) return;
        ArrayNode finer = mapper.createArrayNode();
        boolean comparable = before.isObject() && now.isObject()
                ? members(before, now, at, finer)
                : before.isArray() && now.isArray() && elements(before, now, at, finer);
        ObjectNode whole = change(at);
        whole.set("to", now);
        if (comparable
                && (at.isEmpty()
                        || finer.toString().length() <= whole.toString().length())) changes.addAll(finer);
        else changes.add(whole);
    }

    private boolean members(JsonNode before, JsonNode now, List<Object> at, ArrayNode changes) {
        now.properties().forEach(member -> {
            JsonNode old = before.get(member.getKey());
            List<Object> there = deeper(at, member.getKey());
            if (old != null) compare(old, member.getValue(), there, changes);
            else {
                ObjectNode added = change(there);
                added.set("to", member.getValue());
                changes.add(added);
            }
        });
        before.properties().forEach(member -> {
            if (now.has(member.getKey())) return;
            ObjectNode gone = change(deeper(at, member.getKey()));
            gone.put("gone", true);
            changes.add(gone);
        });
        return true;
    }

    private boolean elements(JsonNode before, JsonNode now, List<Object> at, ArrayNode changes) {
        int more = now.size() - before.size();
        if (more == 0) {
            for (int i = 0; i < now.size(); i++) compare(before.get(i), now.get(i), deeper(at, i), changes);
            return true;
        }
        // the tape grows at its head
        if (more < 0) return false;
        for (int i = 0; i < before.size(); i++) if (!before.get(i).equals(now.get(more + i))) return false;
        ObjectNode grown = change(at);
        ArrayNode first = grown.putArray("first");
        for (int i = 0; i < more; i++) first.add(now.get(i));
        changes.add(grown);
        return true;
    }

    private static List<Object> deeper(List<Object> at, Object step) {
        List<Object> there = new ArrayList<>(at);
        there.add(step);
        return there;
    }

    private ObjectNode change(List<Object> at) {
        ObjectNode change = mapper.createObjectNode();
        ArrayNode path = change.putArray("at");
        for (Object step : at) {
            if (step instanceof Integer index) path.add(index);
            else path.add(String.valueOf(step));
        }
        return change;
    }
}
