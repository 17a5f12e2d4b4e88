package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javafx.scene.paint.Color;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.desktop.look.Appearance;
import veldline.picture.Role;

class AppearanceTest {
    @ParameterizedTest
    @EnumSource(
            value = Appearance.class,
            names = {"DAYLIGHT", "SHACK"})
    void styleSheetAndPicturesShareTheirTokens(Appearance look) throws IOException {
        String css =
                new String(Appearance.class.getResourceAsStream("veldline.css").readAllBytes(), StandardCharsets.UTF_8);
        String block = css.substring(css.indexOf("." + look.styleClass() + " {"));
        block = block.substring(0, block.indexOf('}'));
        for (Role role : Role.values()) {
            String token = "-" + role.name().toLowerCase(Locale.ROOT).replace('_', '-') + ":";
            String value = block.substring(block.indexOf(" " + token) + token.length() + 1)
                    .trim()
                    .substring(0, 7);
            assertThat(Color.web(value)).as(token).isEqualTo(look.colour(role));
        }
    }

    @ParameterizedTest
    @EnumSource(Appearance.class)
    void textStandsOutFromEveryGround(Appearance look) {
        for (Role ground : new Role[] {Role.PAPER, Role.SHEET}) {
            for (Role ink : new Role[] {Role.INK, Role.SLATE, Role.MUSSEL, Role.LICHEN, Role.THRIFT}) {
                assertThat(contrast(look.colour(ink), look.colour(ground)))
                        .as(ink + " on " + ground)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
    }

    /** Contrast ratio of WCAG 2.2. */
    private static double contrast(Color a, Color b) {
        double x = luminance(a) + 0.05;
        double y = luminance(b) + 0.05;
        return Math.max(x, y) / Math.min(x, y);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }
}
