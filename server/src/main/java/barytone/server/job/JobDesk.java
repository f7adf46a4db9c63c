package barytone.server.job;

import barytone.core.job.DamageStops;
import barytone.core.job.JobEvent;
import barytone.core.job.OutsideAgreement;
import barytone.core.job.Station;
import barytone.core.quantity.Units;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import barytone.server.shop.Shop;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Adds to a job and shows it as it then stands, with the tools and schools of the shop. It is shown in the transaction that adds: what a job could not be
 * shown with is never stored.
 */
@Component
public class JobDesk {
    /** To see whether a job can be shown at all. */
    private static final String ANY_UNIT = "mm";

    private final JobLog log;
    private final Shop shop;
    private final Clock clock;
    private final Doors doors;
    private final ObjectProvider<JobWatcher> watchers;
    private final TransactionTemplate transaction;

    JobDesk(
            JobLog log,
            Shop shop,
            Clock clock,
            Doors doors,
            ObjectProvider<JobWatcher> watchers,
            PlatformTransactionManager transactions) {
        this.watchers = watchers;
        this.log = log;
        this.shop = shop;
        this.clock = clock;
        this.doors = doors;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Adds what is decided from the job as it stands, once, and answers with the whole job. */
    public JobView add(long id, String unit, Addition asked, Function<OpenedJob, JobEvent> decide) {
        Units units = Units.ofCode(unit);
        JobLog.Request request = request(asked);
        return inOne(() -> {
            JobLog.Added added = log.add(id, asked.after(), request, job -> askedFor(job, decide.apply(job)));
            try {
                JobView view = viewer(added.now(), units).view();
                if (view.closed() && !added.wasClosed()) watchers.forEach(watcher -> watcher.closed(id, units));
                if (!view.closed() && added.wasClosed()) watchers.forEach(watcher -> watcher.reopened(id));
                return view;
            } catch (RuntimeException e) {
                throw CannotBeShownException.with("entry", e);
            }
        });
    }

    /** What may be added: nothing that damage stops, and no work that was not asked for. */
    private static JobEvent askedFor(OpenedJob job, JobEvent next) {
        if (DamageStops.stops(job.state(), next))
            throw new DamageStopsException(
                    ArrivalWords.stopping(job.state().arrival().stopping()));
        Optional<Station> outside = OutsideAgreement.of(job.state(), next);
        if (outside.isPresent()) throw new OutsideAgreementException(outside.get());
        return next;
    }

    /** Takes in an instrument. A job that could not be shown is not opened. */
    long opened(Supplier<Long> open) {
        return inOne(() -> {
            long id = open.get();
            try {
                shown(id, ANY_UNIT);
            } catch (CannotBeShownException e) {
                throw e.refusing("instrument");
            }
            return id;
        });
    }

    /**
     * Corrects an instrument. Every open job on it that could be shown before must be shown with it.
     *
     * @param correct changes its facts and shows what comes of it
     */
    <T> T corrected(long instrument, Supplier<T> correct) {
        return inOne(() -> {
            List<Long> well =
                    log.openOn(instrument).stream().filter(this::canBeShown).toList();
            T then;
            try {
                then = correct.get();
                for (long job : well) shown(job, ANY_UNIT);
            } catch (CannotBeShownException e) {
                throw e.refusing("instrument");
            }
            return then;
        });
    }

    private boolean canBeShown(long id) {
        try {
            shown(id, ANY_UNIT);
            return true;
        } catch (CannotBeShownException broken) {
            return false;
        }
    }

    private <T> T inOne(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** A request with what it says and where it was sent. */
    static JobLog.Request request(Addition asked) {
        String where = RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes http
                ? http.getRequest().getRequestURI()
                : "";
        return new JobLog.Request(asked.key(), where + " " + asked);
    }

    /**
     * Shows a job that is asked for.
     *
     * @throws CannotBeShownException when it cannot be
     */
    public JobView shown(long id, String unit) {
        return shown(id, unit, JobViewer::view);
    }

    /**
     * What a job hands over.
     *
     * @throws CannotBeShownException when it cannot be shown
     */
    public HandedOver handedOver(long id, Units units) {
        try {
            return viewer(log.open(id), units).handedOver();
        } catch (NoSuchJobException e) {
            throw e;
        } catch (RuntimeException e) {
            throw CannotBeShownException.asItStands(e);
        }
    }

    /** What is expected of other strings, or of another tuning, string 1 first, before it is done. */
    public JobView.StringsForecast foretold(OpenedJob job, Units units, StringSet set, List<Pitch> tuning) {
        return viewer(job, units).foretold(set, tuning);
    }

    /** Shows one station of it. */
    JobView.RoomView room(long id, String unit, Station station) {
        return shown(id, unit, viewer -> viewer.room(station));
    }

    private <T> T shown(long id, String unit, Function<JobViewer, T> what) {
        Units units = Units.ofCode(unit);
        try {
            return what.apply(viewer(log.open(id), units));
        } catch (NoSuchJobException e) {
            throw e;
        } catch (RuntimeException e) {
            throw CannotBeShownException.asItStands(e);
        }
    }

    JobViewer viewer(OpenedJob job, Units units) {
        return viewer(job, units, shop.now());
    }

    /** Shows one after the other, with the tools and schools of the shop read once. Where those cannot be read, none can be shown. */
    Function<OpenedJob, JobViewer> viewers(Units units) {
        Supplier<Shop.Now> now = SingletonSupplier.of(shop::now);
        return job -> viewer(job, units, now.get());
    }

    private JobViewer viewer(OpenedJob job, Units units, Shop.Now now) {
        return new JobViewer(doors, job, units, clock.instant(), new Bench(now.means(), schools(job, now.schools())));
    }

    /** The schools as they are; those of the day on which it was closed for a closed job. */
    private Shop.Schools schools(OpenedJob job, Supplier<Shop.Schools> now) {
        String then = job.job().schoolsAtClosing();
        return then == null ? now.get() : shop.readSchools(then);
    }

    public Shop.Schools schools() {
        return shop.schools();
    }

    /** The place of the last entry of a job. */
    public long lastSeq(long id) {
        return log.lastSeq(id);
    }

    public OpenedJob open(long id) {
        return log.open(id);
    }
}
