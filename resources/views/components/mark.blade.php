<svg
    class="mark"
    viewBox="0 0 32 32"
    width="30"
    height="30"
    aria-hidden="true"
>
    <path
        class="mark-wire"
        d="M0 16H9M23 16H32"
    />
    <circle
        class="mark-light"
        cx="16"
        cy="16"
        r="7"
    />
    <path
        class="mark-ray"
        d="M16 4v3M16 25v3M7.5 7.5l2 2M22.5 22.5l2 2M24.5 7.5l-2 2M9.5 22.5l-2 2"
    />
</svg>
