package app.dantro.server.runsheet;

import app.dantro.server.runsheet.RunSheetView.RunRow;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The run sheet. */
@RestController
@RequestMapping("/api/run-sheet")
class RunSheetController {
    private final RunSheets sheets;

    RunSheetController(RunSheets sheets) {
        this.sheets = sheets;
    }

    @GetMapping
    List<RunRow> sheet() {
        return sheets.rows();
    }
}
