package barytone.server.job;

import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * What earlier versions closed without keeping what it was about is kept from now on as it is; done once, at the first start. In an old shop this takes a while: it
 * goes in small transactions, tells how far it is, and after an interruption goes on where it was.
 */
@Component
@Order(2)
class ClosedEarlier implements ApplicationRunner {
    private static final int AT_ONCE = 200;
    private static final int WORTH_TELLING = 1_000;

    private final JobLog log;

    ClosedEarlier(JobLog log) {
        this.log = log;
    }

    @Override
    @SuppressWarnings("SystemOut") // the progress is for the person at the terminal
    public void run(ApplicationArguments args) {
        List<Long> all = log.closedAndNotKept();
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            int to = Math.min(from + AT_ONCE, all.size());
            if (all.size() >= WORTH_TELLING && from % WORTH_TELLING == 0)
                System.out.println("Keeping closed jobs as they are: " + from + " of " + all.size() + " …");
            log.keepClosed(all.subList(from, to));
        }
    }
}
