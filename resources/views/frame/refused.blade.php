<span
    class="wrong"
    role="alert"
>{{ $sentence }}</span>
