package barytone.core.job;

/**
 * A crack, a lifting bridge, a broken head or a loose brace stops the job: rod, saddles and string tension wait until it is agreed with the player what happens, for
 * each of them puts a load on what is giving way. Slackening and reading do not wait.
 */
public final class DamageStops {
    private DamageStops() {}

    /** Whether there is damage of which it is not agreed yet what happens. */
    public static boolean waits(JobState job) {
        return !job.closed() && !job.arrival().stopping().isEmpty();
    }

    /** Whether an entry would be such work. */
    public static boolean stops(JobState job, JobEvent next) {
        return waits(job) && next.strains(job.spec());
    }
}
