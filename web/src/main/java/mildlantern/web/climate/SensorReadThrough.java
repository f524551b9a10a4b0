package mildlantern.web.climate;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Sensors, read as the keeper of stations reads them. */
@Component
class SensorReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final JsonMapper json;

    SensorReadThrough(RowsOf rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(Sensor.class, collection, sensor -> {
            if (sensor.kind() == Sensor.Kind.SIMULATED) {
                json.readValue(String.valueOf(sensor.settings()), Stations.Room.class);
            }
        });
    }
}
