package dev.steelyard.format.pricelist;

import dev.steelyard.core.unit.Unit;

/** The common codes of units by UN/CEFACT Recommendation 20. */
final class CommonCode {

    private CommonCode() {}

    static String of(Unit unit) {
        return switch (unit) {
            case MM -> "MMT";
            case CM -> "CMT";
            case M -> "MTR";
            case KM -> "KMT";
            case IN -> "INH";
            case FT -> "FOT";
            case YD -> "YRD";
            case MM2 -> "MMK";
            case CM2 -> "CMK";
            case M2 -> "MTK";
            case KM2 -> "KMK";
            case IN2 -> "INK";
            case FT2 -> "FTK";
            case YD2 -> "YDK";
            case MM3 -> "MMQ";
            case CM3 -> "CMQ";
            case M3 -> "MTQ";
            case KM3 -> "H20";
            case IN3 -> "INQ";
            case FT3 -> "FTQ";
            case YD3 -> "YDQ";
            case ML -> "MLT";
            case L -> "LTR";
            case GAL_US -> "GLL";
            case GAL_IMP -> "GLI";
            case G -> "GRM";
            case KG -> "KGM";
            case T -> "TNE";
            case OZ -> "ONZ";
            case LB -> "LBR";
            case ONE -> "C62";
        };
    }
}
