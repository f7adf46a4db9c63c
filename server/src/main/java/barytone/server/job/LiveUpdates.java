package barytone.server.job;

import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open window of a job that something was added. */
@Component
class LiveUpdates {
    private static final Logger LOG = LoggerFactory.getLogger(LiveUpdates.class);
    private static final long NO_TIMEOUT = 0;

    private final Map<Long, Set<SseEmitter>> windows = new ConcurrentHashMap<>();

    /** A stream for one window; the first message carries the place of the last event. */
    SseEmitter watch(long job, long seq) {
        SseEmitter window = new SseEmitter(NO_TIMEOUT);
        windows.computeIfAbsent(job, id -> ConcurrentHashMap.newKeySet()).add(window);
        Runnable forget = () -> windows.getOrDefault(job, Set.of()).remove(window);
        window.onCompletion(forget);
        window.onError(e -> forget.run());
        send(job, window, seq);
        return window;
    }

    /** Tells the windows once the running transaction is committed. */
    void afterCommit(long job, long seq) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                windows.getOrDefault(job, Set.of()).forEach(w -> send(job, w, seq));
            }
        });
    }

    private void send(long job, SseEmitter window, long seq) {
        try {
            window.send(SseEmitter.event().name("seq").data(String.valueOf(seq), MediaType.TEXT_PLAIN));
        } catch (IOException | IllegalStateException gone) {
            windows.getOrDefault(job, Set.of()).remove(window);
        }
    }

    /** Ends the streams before the server stops, or it would wait for windows that never leave. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        windows.values()
                .forEach(all -> all.forEach(window -> {
                    try {
                        window.complete();
                    } catch (IllegalStateException alreadyGone) {
                        LOG.debug("a window had left already", alreadyGone);
                    }
                }));
    }
}
