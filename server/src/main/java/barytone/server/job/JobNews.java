package barytone.server.job;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongUnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The place of the last entry of every job that a window asks about. Windows ask every few seconds while they are seen: a browser opens only six connections to
 * a host, so that a stream held open by each window would leave none for a seventh.
 */
@Component
class JobNews {
    private final Map<Long, Long> last = new ConcurrentHashMap<>();

    /**
     * The place of the last entry of a job.
     *
     * @param stored asks the database, when nothing was added since the start
     */
    long seq(long job, LongUnaryOperator stored) {
        return last.computeIfAbsent(job, stored::applyAsLong);
    }

    /** Known to the windows once the running transaction is committed. */
    void afterCommit(long job, long seq) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                last.merge(job, seq, Math::max);
            }
        });
    }
}
