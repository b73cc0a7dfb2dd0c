@switch($end)
    @case('closed')
        <path
            class="ferrule"
            d="M0 -7H30V7H0Z"
        />
        <path
            class="bare-end"
            d="M30 0H40"
        />
    @break

    @case('hollow')
        <path
            class="bare-end"
            d="M0 0H8M28 0H40"
        />
        <path
            class="hollow"
            d="M8 -7H28V7H8Z"
        />
    @break

    @case('capped')
        <path
            class="ferrule"
            d="M0 -7H22A7 7 0 0 1 22 7H0Z"
        />
        <path
            class="barred"
            d="M2 16L32 -16"
        />
    @break

    @default
        <path
            class="strand"
            d="M0 0C14 -2 22 -8 38 -10M0 0C14 -1 24 -4 38 -4M0 0C14 0 24 2 38 2M0 0C14 2 24 6 38 8"
        />
@endswitch
