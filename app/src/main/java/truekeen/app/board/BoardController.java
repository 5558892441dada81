package truekeen.app.board;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.board.BoardRecords.BoardView;
import truekeen.app.board.BoardRecords.ToolStages;

@RestController
@RequestMapping("/api/v1")
class BoardController {
    private final BoardService board;

    BoardController(BoardService board) {
        this.board = board;
    }

    @GetMapping("/board")
    BoardView board() {
        return board.board();
    }

    @GetMapping("/tools/{id}/stages")
    ToolStages stages(@PathVariable UUID id) {
        return board.stages(id);
    }
}
