package barytone.core.job;

/** Whether a reading is part of the estimate. */
public enum ReadingStatus {
    BELIEVED,
    /** Over three standard deviations from what was expected: measure again before it is believed. */
    SURPRISING,
    /** Taken after a turn and before retuning: void until the technician says it was at pitch. */
    OFF_PITCH,
    /** Taken back by the technician. */
    DROPPED
}
