package mildlantern.web.exchange;

import java.util.Optional;
import mildlantern.plant.PlantId;

/** Makes something of the rows of one table, one after the other, or says what is wrong with them. */
interface RowMaker {
    /**
     * What becomes of a row.
     *
     * @param words what it would become
     * @param plant the plant that it writes to, if there is one already
     * @param here whether it is here already
     * @param write stores it; done only if every row of the table can come in
     */
    record Made(String words, Optional<PlantId> plant, boolean here, Runnable write) {}

    Made make(CsvRow row);
}
