{{-- The volts of the bank, read and kept. --}}
@props(['summary', 'plus' => 'Red on plus, black on minus'])
<details>
    <summary>{{ $summary }}</summary>
    <x-form
        op="bank"
        echo="bank-echo"
        render="all"
    >
        <label for="bank">{{ $plus }}</label>
        <input
            class="typed"
            id="bank"
            name="text"
            size="6"
            inputmode="decimal"
            autocomplete="off"
        >
        {{ $slot }}
        <button class="button is-small">Keep it</button><span
            class="echo"
            id="bank-echo"
        ></span></x-form>
</details>
