<dialog
    id="phone"
    class="sheet-dialog wide"
    aria-label="Hold it on the phone"
>
    <div
        id="phone-in"
        hx-get="{{ route('phone', [], false) }}"
        hx-select="#phone-sheet"
        hx-select-oob="#net-bar"
        hx-swap="innerHTML"
        hx-trigger="opened"
        hx-include="unset"
        hx-sync="this:replace"
    ></div>
    <button
        class="button"
        type="button"
        data-close
    >Close this sheet</button>
</dialog>
