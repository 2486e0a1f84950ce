"""The one error that people see: what is wrong, where, and what would be right."""


class Refusal(Exception):
    """Input that cannot be used, told in one plain sentence.

    Parameters
    ----------
    sentence : str
        What is wrong, where, and what would be right; shown as it is to the user.
    """

    def __init__(self, sentence: str) -> None:
        super().__init__(sentence)
        self.sentence = sentence
