package dev.steelyard.web.base.picture;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** The upright scale of prices over the beam. Pixels only; no price passes through here. */
record PriceAxis(double low, double high) {

    static final int TOP = 34;
    static final int BOTTOM = 146;
    private static final double FLAT = 1e-6;
    private static final double AIR = 0.14;
    private static final int MOST_LINES = 4;

    static PriceAxis over(List<BigDecimal> prices) {
        double low = prices.stream().mapToDouble(BigDecimal::doubleValue).min().orElse(0);
        double high = prices.stream().mapToDouble(BigDecimal::doubleValue).max().orElse(1);
        boolean flat = high - low <= high * FLAT;
        double air = flat ? Math.max(high * AIR, 1e-6) : (high - low) * AIR;
        return new PriceAxis(Math.max(0, low - air), high + air);
    }

    double at(double price) {
        return Pixels.tenth(BOTTOM - (price - low) / (high - low) * (BOTTOM - TOP));
    }

    double at(BigDecimal price) {
        return at(price.doubleValue());
    }

    /** How much price one pixel is. */
    double perPixel() {
        return (high - low) / (BOTTOM - TOP);
    }

    /** Round prices to draw lines at. */
    List<BigDecimal> lines() {
        double step = Math.pow(10, Math.floor(Math.log10((high - low) / MOST_LINES)));
        for (double factor : new double[] {1, 2, 5, 10}) {
            if ((high - low) / (step * factor) <= MOST_LINES) {
                step *= factor;
                break;
            }
        }
        int scale = Math.max(0, -(int) Math.floor(Math.log10(step) + 1e-9));
        List<BigDecimal> lines = new ArrayList<>();
        for (double price = Math.ceil(low / step) * step; price <= high; price += step) {
            lines.add(BigDecimal.valueOf(price).setScale(scale, RoundingMode.HALF_UP));
        }
        return lines;
    }
}
