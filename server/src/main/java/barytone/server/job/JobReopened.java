package barytone.server.job;

/** A closed job was opened again just now, in the transaction that goes on. */
public record JobReopened(long job) {}
