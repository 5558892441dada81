package truekeen.app.board;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.board.BoardRecords.BelongingsView;
import truekeen.app.board.BoardRecords.BoardView;
import truekeen.app.board.BoardRecords.HandOverForm;
import truekeen.app.board.BoardRecords.PinForm;
import truekeen.app.board.BoardRecords.RackView;
import truekeen.app.board.BoardRecords.ToolStages;
import truekeen.app.platform.OwnerOnly;
import truekeen.app.tool.ToolKeeping;

@RestController
@RequestMapping("/api/v1")
class BoardController {
    private final BoardService board;
    private final RackService rack;
    private final ToolKeeping keeping;

    BoardController(BoardService board, RackService rack, ToolKeeping keeping) {
        this.board = board;
        this.rack = rack;
        this.keeping = keeping;
    }

    @GetMapping("/board")
    BoardView board() {
        return board.board();
    }

    @GetMapping("/rack")
    RackView rack() {
        return board.rack();
    }

    @GetMapping("/tools/{id}/belongings")
    BelongingsView belongings(@PathVariable UUID id) {
        return rack.belongings(id);
    }

    @OwnerOnly
    @DeleteMapping("/tools/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        rack.delete(id);
    }

    @PostMapping("/rack/deleted/{id}/bring-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable UUID id) {
        keeping.bringBack(id);
    }

    @OwnerOnly
    @DeleteMapping("/rack/deleted/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteForGood(@PathVariable UUID id) {
        keeping.deleteForGood(id);
    }

    @PostMapping("/tools/{id}/retire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable UUID id) {
        rack.retire(id);
    }

    @PostMapping("/tools/{id}/use-again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void useAgain(@PathVariable UUID id) {
        keeping.retire(id, false);
    }

    @OwnerOnly
    @DeleteMapping("/crews/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeOwner(@PathVariable UUID id) {
        rack.removeOwner(id);
    }

    @PostMapping("/crews/{id}/hand-over")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void handOver(@PathVariable UUID id, @RequestBody HandOverForm form) {
        rack.handOver(id, form.to());
    }

    @PutMapping("/tools/{id}/pin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pin(@PathVariable UUID id, @RequestBody PinForm form) {
        keeping.pin(id, form.pinned());
    }

    @GetMapping("/tools/{id}/stages")
    ToolStages stages(@PathVariable UUID id) {
        return board.stages(id);
    }
}
