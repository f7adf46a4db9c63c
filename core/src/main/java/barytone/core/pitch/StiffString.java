package barytone.core.pitch;

import org.jspecify.annotations.Nullable;

/**
 * A string's series of partials, {@code f_j = j f sqrt(1 + B j^2)}. Source: Fletcher 1964.
 *
 * @param frequency f in Hz
 * @param inharmonicity B, not below 0
 */
record StiffString(double frequency, double inharmonicity) {
    /** The frequency of a partial, Hz. */
    double partial(int number) {
        return frequency * stretched(number, inharmonicity);
    }

    /** The string whose partial lies at a frequency. */
    static StiffString through(int number, double frequency, double inharmonicity) {
        return new StiffString(frequency / stretched(number, inharmonicity), inharmonicity);
    }

    private static double stretched(int number, double inharmonicity) {
        return number * Math.sqrt(1 + inharmonicity * number * number);
    }

    /**
     * Weighted least squares for a string through partials: the line {@code (f_j / j)^2 = f^2 + f^2 B j^2}. A line that falls is laid level,
     * for B is not below 0.
     */
    static final class Fit {
        private double s;
        private double sx;
        private double sxx;
        private double sy;
        private double sxy;

        /**
         * Adds a partial.
         *
         * @param weight one over the variance of (f_j / j)^2, or in proportion to it
         */
        void add(int number, double frequency, double weight) {
            double x = (double) number * number;
            double y = frequency / number * (frequency / number);
            s += weight;
            sx += weight * x;
            sxx += weight * x * x;
            sy += weight * y;
            sxy += weight * x * y;
        }

        /** Holds f^2 B at 0 with this weight: keeps a few partials from inventing a stiffness. */
        void holdIdeal(double weight) {
            sxx += weight;
        }

        /** The string and the variance of its f^2; null when the partials do not give one. */
        @Nullable
        Fitted fitted() {
            double det = s * sxx - sx * sx;
            if (!(det > 0)) return null;
            double slope = (s * sxy - sx * sy) / det;
            double square = (sxx * sy - sx * sxy) / det;
            double variance = sxx / det;
            if (slope < 0) {
                slope = 0;
                square = sy / s;
                variance = 1 / s;
            }
            return square > 0 ? new Fitted(new StiffString(Math.sqrt(square), slope / square), variance) : null;
        }
    }

    /** A string with the variance of its f^2. */
    record Fitted(StiffString string, double variance) {}
}
