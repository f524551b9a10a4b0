package mildlantern.nutrition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mildlantern.nutrition.LeafOnPhoto.Tap;
import org.junit.jupiter.api.Test;

/** A coin beside the leaf tells its length. */
class LeafOnPhotoTest {
    private static final Tap LEFT = new Tap(100, 400);
    private static final Tap RIGHT = new Tap(200, 400);

    /** A coin of 23 mm over 100 points; the leaf over √(300² + 400²) = 500 points is 11.5 cm. */
    @Test
    void theLeafIsAsManyCoinsLong() {
        assertThat(LeafOnPhoto.lengthCm(23, LEFT, RIGHT, new Tap(500, 100), new Tap(800, 500)))
                .isCloseTo(11.5, within(1e-9));
    }

    @Test
    void twoEndsOnOnePointTellNothing() {
        assertThatThrownBy(() -> LeafOnPhoto.lengthCm(23, LEFT, LEFT, new Tap(500, 100), new Tap(800, 500)))
                .hasMessageContaining("one point");
        assertThatThrownBy(() -> LeafOnPhoto.lengthCm(0, LEFT, RIGHT, LEFT, new Tap(800, 500)))
                .hasMessageContaining("known width");
    }
}
