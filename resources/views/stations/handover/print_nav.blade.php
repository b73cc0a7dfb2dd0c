<nav
    class="no-print row"
    aria-label="{{ $of }}"
><button
        class="button is-primary"
        type="button"
        data-print
    >Print</button> <a
        class="button"
        href="{{ $back }}"
    >Back to the bench</a></nav>
