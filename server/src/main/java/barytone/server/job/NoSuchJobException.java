package barytone.server.job;

/** There is no job with this number. */
class NoSuchJobException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoSuchJobException(long id) {
        super("There is no job " + id + ". The bench lists the jobs there are.");
    }
}
