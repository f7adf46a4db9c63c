package barytone.server.job;

import barytone.core.joblog.JobEvent;
import barytone.core.neck.Allowed;
import barytone.core.quantity.Units;
import barytone.server.shop.Shop;
import java.time.Clock;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Adds to a job and shows it as it then stands, with the tools and schools of the shop. */
@Component
class JobDesk {
    private final JobLog log;
    private final Shop shop;
    private final Clock clock;

    JobDesk(JobLog log, Shop shop, Clock clock) {
        this.log = log;
        this.shop = shop;
        this.clock = clock;
    }

    /** Adds what is decided from the job as it stands, once, and answers with the whole job. */
    JobView add(long id, String unit, JobRequests.Stamped asked, Function<JobLog.Opened, JobEvent> decide) {
        Units.ofCode(unit);
        if (asked.key().isBlank() || asked.key().length() > 80)
            throw Allowed.broken(
                    "key", asked.key().length() + " characters", "1 to 80 characters, new for each request");
        return view(log.add(id, asked.after(), asked.key(), decide), unit);
    }

    JobView view(long id, String unit) {
        return view(log.open(id), unit);
    }

    JobView view(JobLog.Opened job, String unit) {
        return viewer(job, Units.ofCode(unit)).view();
    }

    JobViewer viewer(JobLog.Opened job, Units units) {
        return new JobViewer(job, units, clock.instant(), new Bench(shop.toolkit(), schools(job)));
    }

    /** The schools as they are; those of the day on which it was closed for a closed job. */
    private Shop.Schools schools(JobLog.Opened job) {
        String then = job.job().schoolsAtClosing();
        return then == null ? shop.schools() : shop.readSchools(then);
    }

    Shop.Schools schools() {
        return shop.schools();
    }

    JobLog.Opened open(long id) {
        return log.open(id);
    }
}
