package mildlantern.web.plant;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mildlantern.treatment.CareSetting;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How each plant is kept, line by line, with the reason and what was before. */
@Service
@Transactional(readOnly = true)
public class CareSheets {
    private final CareEntryRows rows;

    CareSheets(CareEntryRows rows) {
        this.rows = rows;
    }

    /** The lines of a care sheet by setting, the one that holds first, its history after it. */
    public Map<CareSetting, List<CareEntry>> careSheet(Plant plant) {
        Map<CareSetting, List<CareEntry>> sheet = new EnumMap<>(CareSetting.class);
        for (CareEntryRow row : rows.findByCollectionAndPlantOrderByWrittenAtDesc(plant.collection(), plant.id())) {
            CareEntry entry = row.entry();
            sheet.computeIfAbsent(entry.setting(), setting -> new ArrayList<>()).add(entry);
        }
        return sheet;
    }

    /** Writes a line of the care sheet; the older line stays as history. */
    @Transactional
    public void store(CareEntry entry) {
        rows.save(new CareEntryRow(entry));
    }
}
